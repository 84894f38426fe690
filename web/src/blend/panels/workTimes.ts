import type { NewPlannedJob, NotebookInfo } from '@bent-pail/contract';
import type { BatchPlan } from '@bent-pail/core';
import { v7 as uuidv7 } from 'uuid';
import { workedAfter, workedBefore } from '../../shared/workHours';

const HOUR_MS = 3600000;

export interface TimedTask {
  readonly at: number;
  readonly what: string;
  readonly why: string;
}

/** Where and when the work is done. */
export type Place = Pick<NotebookInfo, 'zone' | 'hours'>;

/**
 * The tasks by the clock, for a mixing at a time: what must be begun before it in the hours of work before it is due,
 * what comes after it in the first ones after.
 */
export function timed({ tasks }: BatchPlan, mixAt: number, { zone, hours }: Place): TimedTask[] {
  return tasks.map(({ hoursBefore, what, why }) => {
    const due = mixAt - hoursBefore * HOUR_MS;
    // The mixing itself is when somebody says.
    const at =
      hoursBefore === 0 ? due : hoursBefore > 0 ? workedBefore(due, hours, zone) : workedAfter(due, hours, zone);
    return { at, what, why };
  });
}

/** The same as work with a date; what lies in the past already is due at once. */
export function workJobs(plan: BatchPlan, mixAt: number, blend: string, now: number, place: Place): NewPlannedJob[] {
  return timed(plan, mixAt, place).map(({ at, what }) => ({
    id: uuidv7(),
    at: new Date(Math.max(at, now)).toISOString(),
    what: what.slice(0, 200),
    where: `batch of ${blend}`.slice(0, 120),
  }));
}

/** A time as a field of date and time shows it, in the person's own zone. */
export function fieldTime(ms: number): string {
  const local = new Date(ms - new Date(ms).getTimezoneOffset() * 60000);
  return local.toISOString().slice(0, 16);
}
