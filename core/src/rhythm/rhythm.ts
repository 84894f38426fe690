import { COLUMN_FIELDS, columnSteps, type ColumnEnd, type ColumnInput, type ColumnReport } from '../column';
import { refuse, requirePositive, requireWithin } from '../errors';
import { defineMethod, list, maybe, number, object, type InputOf } from '../method';
import { finished, type Steps } from '../numeric';

const INPUT = object({
  ...COLUMN_FIELDS,
  every_d: maybe(list(number(), 'days between waterings that are tried; 1, 2, 3, 4, 5, 7, 10, 14')),
  runoff: maybe(number('share of each watering that may run out; 0.1')),
  over_s: maybe(number('for which it is poured; 120')),
  limits: maybe(
    object({
      wet: number('share of the time that roots may have under a tenth of air; 0.1'),
      dry: number('share of the time that they may lack easy water; 0.02'),
    }),
  ),
});
export type RhythmInput = InputOf<typeof INPUT>;

/** One way to water, and what the roots have of it. */
export interface Schedule {
  readonly every_d: number;
  /** Of one watering, as a mean. */
  readonly each_mL: number;
  readonly week_mL: number;
  readonly drainedWeek_mL: number;
  /** Share of the time with too little air, and with too much suction. */
  readonly wet: number;
  readonly dry: number;
  readonly keeps: boolean;
}

export interface RhythmResult {
  readonly schedules: readonly Schedule[];
  /** Of those that keep the roots inside, the one of least work; absent where none does. */
  readonly best_d?: number;
  /** The one that is least far outside; the best where there is one. */
  readonly nearest_d: number;
}

export const RHYTHM_DEFAULTS = Object.freeze({
  every_d: [1, 2, 3, 4, 5, 7, 10, 14] as readonly number[],
  runoff: 0.1,
  over_s: 120,
  limits: { wet: 0.1, dry: 0.02 },
});
/** Days before what is counted, and counted ones, at least. */
const SETTLES_d = 7;
const COUNTED_d = 21;

function requireRhythm({ every_d = RHYTHM_DEFAULTS.every_d, runoff, over_s, limits }: RhythmInput): void {
  if (every_d.length === 0 || every_d.length > 20) refuse('every_d', 'give one to twenty spacings');
  every_d.forEach((days, i) => {
    requirePositive(`every_d[${String(i)}]`, days, 'd');
    requireWithin(`every_d[${String(i)}]`, days, 0.25, 60, 'd');
  });
  requireWithin('runoff', runoff ?? RHYTHM_DEFAULTS.runoff, 0, 0.9);
  requirePositive('over_s', over_s ?? RHYTHM_DEFAULTS.over_s, 's');
  requireWithin('limits.wet', limits?.wet ?? 0, 0, 1);
  requireWithin('limits.dry', limits?.dry ?? 0, 0, 1);
}

/** The column of one spacing: whole spacings before and in what is counted, watered in the morning. */
function watered(input: RhythmInput, every_d: number): { readonly column: ColumnInput; readonly before: number } {
  const { every_d: _tried, runoff, over_s, limits: _limits, ...pot } = input;
  const before = Math.ceil(SETTLES_d / every_d - 1e-9);
  const count = before + Math.ceil(COUNTED_d / every_d - 1e-9);
  const top_cm2 = (Math.PI / 4) * (pot.container.topDiameter_cm ?? 0) ** 2;
  const { evaporationShare = 0.2, mulchFactor = 1, potential_mmPerD, wall_mmPerD = 0, container } = pot;
  const { topDiameter_cm: top = 0, baseDiameter_cm: base = 0, height_cm } = container;
  const wall_cm2 = (Math.PI / 2) * (top + base) * Math.hypot(height_cm, (top - base) / 2);
  const asked_mm = potential_mmPerD * (1 - evaporationShare * (1 - mulchFactor));
  const use_mLPerD = (asked_mm * top_cm2 + wall_mmPerD * wall_cm2) / 10;
  return {
    before,
    column: {
      ...pot,
      waterings: Array.from({ length: count }, (_, i) => ({
        at_d: i * every_d,
        volume_mL: (use_mLPerD * every_d) / (1 - (runoff ?? RHYTHM_DEFAULTS.runoff)),
        over_s: over_s ?? RHYTHM_DEFAULTS.over_s,
      })),
      end_d: count * every_d,
      reportEvery_d: every_d,
    },
  };
}

function scheduleOf(input: RhythmInput, every_d: number, end: ColumnEnd, before: number): Schedule {
  if (end.kind !== 'completed') refuse('layers', `watered every ${String(every_d)} d it could not be followed`);
  const [from, to] = [end.reports[before] as ColumnReport, end.reports.at(-1) as ColumnReport];
  const counted_d = to.t_d - from.t_d;
  const share = (hours: number): number => hours / (24 * counted_d);
  const weeks = counted_d / 7;
  const [wet, dry] = [share(to.wetFeetHours - from.wetFeetHours), share(to.dryHours - from.dryHours)];
  const limits = input.limits ?? RHYTHM_DEFAULTS.limits;
  const given_mL = to.added_mL - from.added_mL;
  return {
    every_d,
    each_mL: (given_mL * every_d) / counted_d,
    week_mL: given_mL / weeks,
    drainedWeek_mL: (to.drained_mL - from.drained_mL) / weeks,
    wet,
    dry,
    keeps: wet <= limits.wet && dry <= limits.dry,
  };
}

/**
 * Which spacing of waterings keeps the roots of a pot inside their limits, and which of those is the least work.
 *
 * Each spacing is followed for a week and three more by the column, given each time what the plant asks for in between and a
 * share more; shares of the time are of the latter three. Fields are the column's without its times. mL, days.
 * Throws for what no pot can be (see `column`), and spacings that are none.
 * Source: the water column; limits as usual for roots, editable.
 * Example: an airy medium in a cool room keeps its roots for days; the longest spacing that does is `best_d`.
 */
export const rhythm = (input: RhythmInput): RhythmResult => finished(rhythmSteps(input));

/** The same in steps, each the share that is done. */
export function* rhythmSteps(input: RhythmInput): Steps<RhythmResult> {
  requireRhythm(input);
  const tried = input.every_d ?? RHYTHM_DEFAULTS.every_d;
  const schedules: Schedule[] = [];
  for (const [i, every_d] of tried.entries()) {
    const { column, before } = watered(input, every_d);
    const steps = columnSteps(column);
    let step = steps.next();
    while (step.done !== true) {
      yield (i + step.value) / tried.length;
      step = steps.next();
    }
    schedules.push(scheduleOf(input, every_d, step.value, before));
  }
  const limits = input.limits ?? RHYTHM_DEFAULTS.limits;
  const outside = ({ wet, dry }: Schedule): number => Math.max(0, wet - limits.wet) + Math.max(0, dry - limits.dry);
  const nearest = schedules.reduce((a, b) =>
    outside(b) < outside(a) || (outside(b) === outside(a) && b.every_d > a.every_d) ? b : a,
  );
  return { schedules, ...(nearest.keeps ? { best_d: nearest.every_d } : {}), nearest_d: nearest.every_d };
}

export const rhythmMethod = defineMethod({
  name: 'pot-rhythm',
  version: 2,
  source: 'The water column of each spacing; Richards, 1931.',
  schema: INPUT,
  calculate: rhythm,
  outputs: {
    best: {
      of: 'best_d',
      sentence: 'The longest time between waterings at which roots have air and easy water.',
      formula: 'largest spacing with hours too wet and too dry inside their limits',
    },
  },
  golden: {
    input: {
      container: { height_cm: 15, topDiameter_cm: 16, baseDiameter_cm: 12 },
      layers: [
        { from_cm: 0, to_cm: 15, retention: { thetaR: 0.1, thetaS: 0.9, alpha_percm: 0.3, n: 1.8 }, ks_cms: 0.05 },
      ],
      cells: 15,
      start: 'drained',
      base: 'seepage',
      potential_mmPerD: 5,
      rootDepth_cm: 12,
      every_d: [1, 3, 7, 14],
    },
    gives: {
      best_d: 7,
      nearest_d: 7,
      'schedules[0].each_mL': 111.701072128,
      'schedules[2].drainedWeek_mL': 78.3335925976,
      'schedules[3].dry': 0.460662533528,
    },
  },
});
