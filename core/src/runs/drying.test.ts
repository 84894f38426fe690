import { describe, expect, it } from 'vitest';
import type { RunRecord } from '../sheets';
import { PUMICE_SHEET, runOf } from '../testing/sampleLot';
import { dueJobs, reduceRun, runProgress } from '.';

type Dryings = Partial<
  Record<'dryTray' | 'partWet' | 'dry' | 'dryAgain' | 'dryThird' | 'dryFourth' | 'dryFifth', readonly number[]>
>;

const LATER = ['dryAgain', 'dryThird', 'dryFourth', 'dryFifth'] as const;

/** One replicate of pumice, an open run, with these dry weighings over a tray of 20 g. */
function dried(dryings: Dryings): RunRecord {
  const one = Object.fromEntries(Object.entries(PUMICE_SHEET).map(([step, row]) => [step, row.slice(0, 1)]));
  const at = (hour: number): number[] => [Date.UTC(2026, 10, 19, hour) / 1000];
  const { finishedAt, ...open } = runOf('saturate-drain-dry', { ...one, soak: at(1), drain: at(23), ...dryings });
  expect(finishedAt).toBeDefined();
  return open;
}

const nextOf = (run: RunRecord): string | undefined => runProgress(run).later[0]?.step.key;
const density = (run: RunRecord): number | undefined =>
  reduceRun(run).properties.find((one) => one.property === 'bulkDensity_gcc')?.summary?.mean;

describe('drying to constant mass', () => {
  it('ends with one weighing where nobody weighs again', () => {
    expect(runProgress(dried({ dry: [530.2] })).complete).toBe(true);
  });

  it('goes on while the last two differ by more than 0.1 %, and ends when they agree', () => {
    expect(nextOf(dried({ dry: [530.2], dryAgain: [528] }))).toBe('dryThird');
    expect(nextOf(dried({ dry: [530.2], dryAgain: [528], dryThird: [526.5] }))).toBe('dryFourth');
    expect(nextOf(dried({ dry: [530.2], dryAgain: [528], dryThird: [527.8] }))).toBeUndefined();
    expect(nextOf(dried({ dry: [530.2], dryAgain: [529.9] }))).toBeUndefined();
  });

  it('asks a light medium for no more than the last digit of the scale', () => {
    // 0.1 g of 30 g is 0.33 %, and nothing that this scale could show would be less.
    expect(nextOf(dried({ dryTray: [20], dry: [50.1], dryAgain: [50] }))).toBeUndefined();
    expect(nextOf(dried({ dryTray: [20], dry: [50.2], dryAgain: [50] }))).toBe('dryThird');
  });

  it('keeps nobody from finishing, with the caution on the sheet', () => {
    expect(runProgress(dried({ dry: [530.2], dryAgain: [528] })).complete).toBe(true);
  });

  it('asks for the next weighing two hours after the last', () => {
    const run = dried({ dry: [530.2], dryAgain: [528] });
    const last = run.readings.find((reading) => reading.step === 'dryAgain');
    const [job] = dueJobs(run);
    expect(job?.what).toMatch(/^Third weighing/);
    expect(job?.at).toBe(Date.parse(last?.takenAt as string) + 2 * 3600 * 1000);
  });

  it('reckons with the last weighing and says how far it still moved', () => {
    const moving = dried({ dry: [530.2], dryAgain: [528], dryThird: [526.5] });
    expect(density(moving)).toBe(density(dried({ dry: [526.5] })));
    expect(reduceRun(moving).checks.find((check) => check.code === 'not-dry')?.message).toContain('0.30 %');
    const still = dried({ dry: [530.2], dryAgain: [528], dryThird: [527.8] });
    expect(reduceRun(still).checks.map((check) => check.code)).not.toContain('not-dry');
  });

  it('keeps every weighing of the loop on the sheet', () => {
    const run = dried({ dry: [540], dryAgain: [535], dryThird: [531], dryFourth: [528], dryFifth: [526] });
    expect(LATER.every((step) => run.protocol.steps.some(({ key }) => key === step))).toBe(true);
    expect(runProgress(run).complete).toBe(true);
    expect(reduceRun(run).checks.map((check) => check.code)).toContain('not-dry');
  });
});

describe('a pot that settles for a year', () => {
  const settling = (values: Readonly<Record<string, readonly number[]>>): RunRecord => {
    const { finishedAt, ...open } = runOf('settling', values);
    expect(finishedAt).toBeDefined();
    return open;
  };
  const day0 = Date.UTC(2026, 10, 20, 8, 1);
  const days = (at: number | undefined): number => Math.round(((at as number) - day0) / 86400000);

  it('is looked at after a month, and then at months 3, 6 and 12, each by its date', () => {
    const [first] = dueJobs(settling({ day0: [18], watered: [17.1] }));
    expect(first?.what).toMatch(/^Month 1/);
    expect(days(first?.at)).toBe(30);
    const [next] = dueJobs(settling({ day0: [18], watered: [17.1], month1: [16.2] }));
    expect(next?.what).toMatch(/^Month 3/);
    expect(days(next?.at)).toBe(91);
    const [last] = dueJobs(settling({ day0: [18], watered: [17.1], month1: [16.2], month3: [16], month6: [15.8] }));
    expect(last?.what).toMatch(/^Month 12/);
    expect(days(last?.at)).toBe(365);
  });

  it('can be finished before, and waits to be once the year is over', () => {
    const year = { day0: [18], watered: [17.1], month1: [16.2], month3: [16], month6: [15.8], month12: [15.5] };
    expect(runProgress(settling({ day0: [18], watered: [17.1], month1: [16.2] })).complete).toBe(true);
    expect(dueJobs(settling(year)).map((job) => job.what)).toEqual(['Finish the run']);
  });
});

describe('a vessel larger than the oven', () => {
  const whole = dried({ dry: [530.2] });
  /** A quarter of the drained medium on a tray of 20 g, dried. */
  const part = (wet: number, dry: number): RunRecord => dried({ dryTray: [20], partWet: [wet], dry: [dry] });
  const drainedNet = (PUMICE_SHEET.drained?.[0] as number) - (PUMICE_SHEET.tare?.[0] as number);

  it('is reckoned by what a part of the drained medium kept', () => {
    // The same medium: the part loses as much of itself as the whole does.
    const keeps = (530.2 - 20) / drainedNet;
    const wet = 20 + drainedNet / 4;
    expect(density(part(wet, 20 + keeps * (drainedNet / 4)))).toBeCloseTo(density(whole) as number, 12);
  });

  it('says so where the part cannot be right', () => {
    const codes = (run: RunRecord): string[] => reduceRun(run).checks.map((check) => `${check.code} ${check.severity}`);
    expect(codes(part(200, 210))).toContain('mass-order fault');
    expect(codes(part(19, 18))).toContain('mass-order fault');
  });
});
