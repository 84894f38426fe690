import { describe, expect, it } from 'vitest';
import { PROTOCOLS } from '../protocols';
import { Sheet, stepsShown, type Reading, type RunRecord } from '../sheets';
import { PUMICE_SHEET, runOf } from '../testing/sampleLot';
import { reduceRun, runProgress } from '.';

const AT = Date.parse('2026-11-20T08:00:00Z');
const MINUTE = 60_000;

/** When each step of a good run is read, minutes after it was begun. */
const READ_AT: Readonly<Record<string, number>> = {
  soak: 10,
  saturated: 1460,
  soakedDepth: 1461,
  drain: 1465,
  drained: 1530,
  collected: 1531,
  drainedDepth: 1532,
  dryTray: 1540,
  dry: 3000,
  dryAgain: 3125,
};

interface Stood {
  readonly protocol?: string;
  readonly values?: Readonly<Record<string, readonly number[]>>;
  /** The last step that is read; those after it are open. */
  readonly upTo?: string;
  /** Steps read at other minutes. */
  readonly at?: Readonly<Record<string, number>>;
}

/** A run as it stands at one of its steps, all replicates alike in time. */
function standing({ protocol: key = 'saturate-drain-dry', values = {}, upTo, at = {} }: Stood): RunRecord {
  const good = key === 'saturate-drain-dry' ? PUMICE_SHEET : {};
  const run = runOf(key, { ...good, ...values });
  const { steps } = run.protocol;
  const last = upTo === undefined ? steps.length : steps.findIndex((step) => step.key === upTo);
  const when = (step: string): number => AT + (at[step] ?? READ_AT[step] ?? 0) * MINUTE;
  const begun = steps
    .filter(({ kind }) => kind === 'time')
    .flatMap(({ key: step }) =>
      [0, 1, 2].map((replicate): Reading => ({
        id: `${step}${String(replicate)}`,
        replicate,
        step,
        value: when(step) / 1000,
        takenAt: new Date(when(step)).toISOString(),
      })),
    );
  const readings = [
    ...run.readings.map((one) => ({ ...one, takenAt: new Date(when(one.step)).toISOString() })),
    ...begun,
  ].filter(({ step }) => steps.findIndex((one) => one.key === step) <= last);
  return { ...run, readings };
}

const loud = (run: RunRecord): readonly string[] =>
  reduceRun(run).checks.flatMap(({ code, severity }) => (severity === 'note' ? [] : code));

/** What is wrong, the step at which it first can be seen, and what was there before it. */
const WRONG = [
  {
    what: 'a saturated vessel no heavier than its tare',
    code: 'mass-order',
    upTo: 'saturated',
    values: { saturated: [300, 1540, 1541] },
  },
  {
    what: 'a soak cut short',
    code: 'wait-cut-short',
    upTo: 'saturated',
    values: {},
    at: { saturated: 25 },
  },
  {
    what: 'a drained vessel heavier than it was saturated',
    code: 'mass-order',
    upTo: 'drained',
    values: { drained: [1700, 1153.1, 1161.4] },
  },
  {
    what: 'a drain under half an hour',
    code: 'wait-cut-short',
    upTo: 'drained',
    values: {},
    at: { drained: 1475 },
  },
  {
    what: 'a jug that differs from the mass that was lost',
    code: 'drainage-differs',
    upTo: 'collected',
    values: { collected: [120, 384, 382] },
  },
  {
    what: 'replicates whose air lies far apart',
    code: 'replicate-spread',
    upTo: 'drained',
    values: { drained: [1157.5, 1250, 1161.4] },
  },
] as const;

describe('a caution of the main protocol', () => {
  it.each(WRONG)('shows at its step, while the run can still be repeated: $what', ({ code, upTo, values, ...more }) => {
    const run = standing({ values, upTo, ...('at' in more ? { at: more.at } : {}) });
    expect(loud(run)).toContain(code);
    expect(runProgress(run).complete).toBe(false);
    // And not before: the same sheet without that step has nothing to say.
    const { steps } = run.protocol;
    const before = steps[steps.findIndex((step) => step.key === upTo) - 1]?.key ?? '';
    expect(loud(standing({ values, upTo: before, ...('at' in more ? { at: more.at } : {}) }))).not.toContain(code);
  });

  it('shows at the oven that it is not dry, and asks for the next weighing', () => {
    const run = standing({ values: { dryAgain: [515, 520, 522] } });
    expect(loud(run)).toContain('not-dry');
    const shown = stepsShown(run.protocol, new Sheet(run.readings), run.replicateCount);
    expect(shown.map(({ key }) => key)).toContain('dryThird');
  });

  it('is none at any step of the reference run', () => {
    for (const { key } of PROTOCOLS.find((one) => one.key === 'saturate-drain-dry')?.steps ?? [])
      expect([key, loud(standing({ upTo: key }))]).toEqual([key, []]);
  });
});

describe('a caution of the kitchen form', () => {
  const good = { added: [455, 448, 451], collected: [142, 137, 140] };

  it('shows while the jug is still in the hand: more drained than went in', () => {
    const run = standing({ protocol: 'kitchen-form', values: { ...good, collected: [500, 137, 140] } });
    expect(reduceRun(run).checks.map(({ code }) => code)).toContain('drained-over-added');
  });

  it('is none at any step of a good one', () => {
    const steps = PROTOCOLS.find((one) => one.key === 'kitchen-form')?.steps ?? [];
    for (const { key } of steps)
      expect([
        key,
        loud(standing({ protocol: 'kitchen-form', values: good, upTo: key, at: { collected: 1531 } })),
      ]).toEqual([key, []]);
  });
});
