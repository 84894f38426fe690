import type { InstrumentRow, RunSheet } from '@bent-pail/contract';
import { PROTOCOLS, type Protocol } from '@bent-pail/core';
import { describe, expect, it } from 'vitest';
import { openRowOf } from '../testing/fixtures';
import { benchLines, jobsOf } from './jobs';

const at = (minute: number): string => new Date(Date.UTC(2026, 10, 24, 8, minute)).toISOString();
const seconds = (minute: number): number => Date.UTC(2026, 10, 24, 8, minute) / 1000;

function sheet(readings: readonly (readonly [string, number, number])[], id = 'r'): RunSheet {
  return {
    id,
    number: 7,
    lot: { id: 'l', name: 'Pumice', code: 'PM-3' },
    protocol: PROTOCOLS[0] as Protocol,
    settings: { packingHabit: 'tapped', soak_min: 30, drain_min: 60, ovenTemp_C: 104 },
    replicateCount: 2,
    vessels: [undefined, undefined],
    vesselNames: [],
    remeasured: [],
    readings: readings.map(([step, replicate, value], i) => ({
      id: `${id}${String(i)}`,
      seq: i,
      keptAt: at(0),
      takenAt: at(0),
      step,
      replicate,
      value,
    })),
    exclusions: [],
    instruments: [],
    notes: [],
    photos: [],
    reopened: [],
    archivings: [],
    takenBack: [],
    startedAt: at(0),
    startedBy: 'T',
    version: 1,
  };
}

const soaking = sheet([
  ['waterTemp', 0, 17],
  ['tare', 0, 300],
  ['tare', 1, 300],
  ['soak', 0, seconds(10)],
  ['soak', 1, seconds(12)],
]);

describe('what is on the bench', () => {
  it('puts replicates at one step on one line, due with the first', () => {
    const lines = benchLines([openRowOf(soaking)]);
    expect(lines).toHaveLength(1);
    expect(lines[0]).toMatchObject({ replicates: [0, 1], hold: { name: 'soaking', deadline: seconds(40) * 1000 } });
  });

  it('makes one job of them, in order of time, with what can be done any time last', () => {
    const jobs = jobsOf(
      {
        runs: [openRowOf(sheet([], 'new')), openRowOf(soaking)],
        instruments: [],
        reports: [],
        planned: [],
        pots: [],
        trials: [],
      },
      0,
    );
    expect(jobs[0]).toMatchObject({ what: 'Water level with the surface, wiped, A B', at: seconds(40) * 1000 });
    expect(jobs.at(-1)?.at).toBeUndefined();
  });

  it('asks for a pen that the next reading could not stand on, and for no other', () => {
    const pen = (at: string): InstrumentRow => ({
      id: at,
      name: 'Red pen',
      kind: 'pH',
      showsMv: true,
      readings: 3,
      calibrated: 1,
      calibrations: [
        {
          id: 'c',
          at,
          temp_C: 25,
          points: [
            { nominal: 4.01, shown: 174 },
            { nominal: 7, shown: 0 },
          ],
        },
      ],
    });
    const now = Date.parse('2026-11-24T09:00:00Z');
    expect(
      jobsOf(
        { runs: [], instruments: [pen('2026-11-24T08:00:00Z')], reports: [], planned: [], pots: [], trials: [] },
        now,
      ),
    ).toEqual([]);
    expect(
      jobsOf(
        { runs: [], instruments: [pen('2026-11-20T08:00:00Z')], reports: [], planned: [], pots: [], trials: [] },
        now,
      )[0],
    ).toMatchObject({
      what: 'Calibrate Red pen before the next reading',
      to: '/bench/instruments',
    });
  });

  it('tells what pots ask for, beside the rest by its time, and leads to their diaries', () => {
    const pots = [
      {
        potId: 'p1',
        pot: 'Camellia',
        act: 'water' as const,
        at: '2026-11-26T10:00:00Z',
        place: 'north door',
        band: { from: '2026-11-26T04:00:00Z', to: '2026-11-26T16:00:00Z' },
      },
      { potId: 'p2', pot: 'Fig', act: 'look' as const, why: 'It dries faster than it did.' },
    ];
    const planned = [{ id: 'j', at: '2026-11-25T10:00:00Z', what: 'Mix', where: 'Tub', plannedBy: 'Tam' }];
    expect(jobsOf({ runs: [], instruments: [], reports: [], planned, pots, trials: [] }, 0)).toMatchObject([
      { what: 'Mix' },
      {
        what: 'Water it: Camellia',
        where: 'give or take 6 h; north door',
        to: '/pot/diary/p1',
        at: Date.parse('2026-11-26T10:00:00Z'),
      },
      { what: 'Look at it: Fig', where: 'It dries faster than it did.', to: '/pot/diary/p2' },
    ]);
  });
});

describe('readings of trials', () => {
  const trial = { id: 't', name: 'Plugs', traits: ['up', 'signs'] as const };
  const jobsWith = (more: object) =>
    jobsOf(
      {
        runs: [],
        instruments: [],
        reports: [],
        planned: [],
        pots: [],
        trials: [{ ...trial, on: '2026-11-24', planned: 40, left: 40, ...more }],
      },
      Date.parse('2026-11-24T10:00:00Z'),
    );

  it('are for a day, named by what is read, and lead to its sheet', () => {
    expect(jobsWith({})).toMatchObject([
      {
        to: '/grow/t/day?on=2026-11-24',
        what: 'Read seedlings up, signs: Plugs',
        where: '40 readings',
        day: '2026-11-24',
      },
    ]);
    expect(jobsWith({ left: 3 })[0]?.where).toBe('3 of 40 readings left');
  });

  it('are gone once all of them are taken', () => {
    expect(jobsWith({ left: 0 })).toEqual([]);
  });
});
