import { describe, expect, it } from 'vitest';
import { methodWords } from '../lots';
import type { Reading, RunRecord } from '../sheets';
import { PUMICE_SHEET, runOf } from '../testing/sampleLot';
import { drained_min, reduceRun } from '.';

const AT = Date.parse('2026-11-20T08:00:00Z');
const MINUTE = 60_000;

/** The sheet of three good replicates, filled in as it went: when it began to soak and to drain, and for how long. */
function liveRun(soaked_min: number, drained: number, more: Partial<RunRecord> = {}): RunRecord {
  const base = runOf('saturate-drain-dry', PUMICE_SHEET, more);
  const soakAt = AT;
  const drainAt = AT + (soaked_min + 5) * MINUTE;
  const takenAt = (step: string): number => {
    if (step === 'saturated' || step === 'soakedDepth') return soakAt + soaked_min * MINUTE;
    if (step === 'drained' || step === 'collected' || step === 'drainedDepth') return drainAt + drained * MINUTE;
    return step === 'dry' || step === 'dryTray' ? drainAt + 3000 * MINUTE : AT - 10 * MINUTE;
  };
  const began = (step: 'soak' | 'drain', at: number): Reading[] =>
    [0, 1, 2].map((replicate) => ({
      id: `${step}${String(replicate)}`,
      replicate,
      step,
      value: at / 1000,
      takenAt: new Date(at).toISOString(),
    }));
  return {
    ...base,
    readings: [
      ...base.readings.map((one) => ({ ...one, takenAt: new Date(takenAt(one.step)).toISOString() })),
      ...began('soak', soakAt),
      ...began('drain', drainAt),
    ],
  };
}

const questions = (run: RunRecord): string[] =>
  reduceRun(run)
    .checks.filter(({ code }) => code === 'wait-cut-short')
    .map(({ message }) => message);

describe('a wait', () => {
  it('that was kept, or nearly, raises no question', () => {
    expect(questions(liveRun(1440, 60))).toEqual([]);
    expect(questions(liveRun(1200, 45))).toEqual([]);
  });

  it('that was cut to seconds is questioned once for all replicates', () => {
    const [question, ...more] = questions(liveRun(0.2, 60));
    expect(more).toEqual([]);
    expect(question).toMatch(/^A, B and C: weighed 12 s after soaking began, and 24 h were set\./);
  });

  it('that was set short, as for a lesson, may be short', () => {
    const settings = { packingHabit: 'tapped', soak_min: 20, drain_min: 10, ovenTemp_C: 104 } as const;
    expect(questions(liveRun(18, 10, { settings }))).toEqual([]);
  });

  it('is not asked after where it was typed from a paper: nobody knows when it ended', () => {
    const run = liveRun(0.2, 0.2);
    const typed = run.readings.map((one) =>
      one.step === 'soak' || one.step === 'drain' ? { ...one, value: one.value - 3600 } : one,
    );
    expect(questions({ ...run, readings: typed })).toEqual([]);
  });

  it('does not become long because a weighing was corrected later', () => {
    const run = liveRun(0.2, 60);
    const late: Reading[] = [0, 1, 2].map((replicate) => ({
      id: `late${String(replicate)}`,
      replicate,
      step: 'saturated',
      value: PUMICE_SHEET.saturated?.[replicate] ?? 0,
      takenAt: new Date(AT + 2000 * MINUTE).toISOString(),
      corrects: run.readings.find((one) => one.step === 'saturated' && one.replicate === replicate)?.id ?? '',
      reason: 'read again',
    }));
    expect(questions({ ...run, readings: [...run.readings, ...late] })).toHaveLength(1);
  });
});

describe('how long a run drained', () => {
  it('is the true time on the card, not the setting', () => {
    const run = liveRun(1440, 95);
    expect(drained_min(run)).toBe(95);
    expect(methodWords(run)).toBe('12 cm vessel, tapped, drained 95 min');
  });

  it('is the setting where the sheet was not filled in as it went', () => {
    expect(drained_min(runOf('saturate-drain-dry', PUMICE_SHEET))).toBe(60);
  });
});
