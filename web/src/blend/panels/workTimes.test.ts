import type { BatchPlan } from '@bent-pail/core';
import { expect, it } from 'vitest';
import { fieldTime, timed, workJobs } from './workTimes';

const plan = {
  tasks: [
    { kind: 'moisten', hoursBefore: 16, what: 'Moisten the bark', why: 'it sheds water' },
    { kind: 'mix', hoursBefore: 0, what: 'Mix 60 L', why: 'turn it' },
    { kind: 'retest', hoursBefore: -504, what: 'Test the pH again', why: 'lime takes weeks' },
  ],
} as unknown as BatchPlan;
const PLACE = { zone: 'UTC', hours: { from_h: 7, to_h: 17 } };
const mixAt = Date.parse('2026-11-27T09:00:00Z');

it('counts the hours from the mixing, before and after', () => {
  expect(timed(plan, mixAt, PLACE).map(({ at }) => new Date(at).toISOString())).toEqual([
    '2026-11-26T17:00:00.000Z',
    '2026-11-27T09:00:00.000Z',
    '2026-12-18T09:00:00.000Z',
  ]);
});

it('is never put at three in the morning: earlier where it must be begun, later where it can wait', () => {
  const early = { ...plan, tasks: plan.tasks.map((task) => ({ ...task, hoursBefore: task.hoursBefore + 6 })) };
  const [moisten, mix, retest] = timed(early, mixAt, PLACE).map(({ at }) => new Date(at).toISOString());
  // 11 o'clock is within the hours, 3 o'clock is not: the mixing task of this plan is due before.
  expect(moisten).toBe('2026-11-26T11:00:00.000Z');
  expect(mix).toBe('2026-11-26T17:00:00.000Z');
  expect(retest).toBe('2026-12-18T07:00:00.000Z');
});

it('is due at once where its time is past', () => {
  const now = Date.parse('2026-11-27T08:00:00Z');
  const jobs = workJobs(plan, mixAt, 'Camellia tub', now, PLACE);
  expect(jobs.map(({ at }) => at)).toEqual([
    '2026-11-27T08:00:00.000Z',
    '2026-11-27T09:00:00.000Z',
    '2026-12-18T09:00:00.000Z',
  ]);
  expect(jobs[0]?.where).toBe('batch of Camellia tub');
});

it('shows a time as its field wants it', () => {
  expect(new Date(fieldTime(mixAt)).getTime()).toBe(mixAt);
});
