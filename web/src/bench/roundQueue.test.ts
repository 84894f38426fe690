import { PROTOCOLS, type Protocol, type Reading, type RunRecord } from '@bent-pail/core';
import { describe, expect, it } from 'vitest';
import { roundQueue } from './roundQueue';

const main = PROTOCOLS[0] as Protocol;
const MINUTE = 60000;
const start = Date.UTC(2026, 10, 24, 8);

function run(id: string, readings: readonly (readonly [string, number, number])[]): RunRecord {
  return {
    id,
    number: 1,
    protocol: main,
    settings: { packingHabit: 'tapped', soak_min: 30, drain_min: 60, ovenTemp_C: 104 },
    replicateCount: 2,
    vessels: [undefined, undefined],
    readings: readings.map(([step, replicate, value], i): Reading => ({
      id: `${id}${String(i)}`,
      step,
      replicate,
      value,
      takenAt: new Date(start).toISOString(),
    })),
    exclusions: [],
  };
}

const said = (runs: readonly RunRecord[], now: number): string[] =>
  roundQueue(runs, now).map(({ runId, replicate, step }) => `${runId}${String(replicate)} ${step.key}`);

describe('a round of several runs at once', () => {
  it('takes a step across all pots of all runs before the next step', () => {
    const [a, b] = [run('a', [['waterTemp', 0, 17]]), run('b', [['waterTemp', 0, 17]])];
    expect(said([a, b], start)).toEqual(['a0 tare', 'a1 tare', 'b0 tare', 'b1 tare']);
  });

  it('puts first what is over, and last what still runs, the soonest first', () => {
    const soaked = (id: string, minutes: number): RunRecord =>
      run(id, [
        ['waterTemp', 0, 17],
        ['tare', 0, 300],
        ['tare', 1, 300],
        ['soak', 0, (start + minutes * MINUTE) / 1000],
        ['soak', 1, (start + (minutes + 2) * MINUTE) / 1000],
      ]);
    const idle = run('i', [['waterTemp', 0, 17]]);
    const now = start + 45 * MINUTE;
    // a is due at 40 and 42 min, b at 60 and 62.
    expect(said([soaked('b', 30), idle, soaked('a', 10)], now)).toEqual([
      'a0 saturated',
      'a1 saturated',
      'i0 tare',
      'i1 tare',
      'b0 saturated',
      'b1 saturated',
    ]);
  });
});
