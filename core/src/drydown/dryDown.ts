import type { Check } from '../errors';
import { invertSymmetric } from '../numeric';
import { studentT } from '../statistics';
import { DRY_DOWN_DEFAULTS, requireDryDown, type DryDownInput } from './dryDownInput';
import { nextWatering, type NextWatering } from './nextWatering';
import { offItsCurve } from './offItsCurve';
import { fitHabit, type Beliefs } from './fitHabit';
import { habitOf, waterOf, type Habit, type Point } from './weighedPot';

export interface DryDownResult {
  /** Use and evaporation together, mm a day on the top, and its 90 % band. */
  readonly demand_mmPerD: number;
  readonly demand: readonly [number, number];
  /** What the pot weighs drained, as it stands; and the water in that. */
  readonly capacity_g: number;
  readonly capacity: readonly [number, number];
  readonly water_mL: number;
  /** Suction at which the plant begins to save water, as far as the weights say. */
  readonly stress_cm: number;
  readonly predicted: readonly { readonly at_d: number; readonly mass_g: number; readonly weighed_g: number }[];
  readonly rmse_g: number;
  /** What it weighed as followed through its column, from the beginning until it is to be watered next. */
  readonly course: readonly { readonly at_d: number; readonly mass_g: number }[];
  /** When the water is down to the share at which it is watered; absent where that lies beyond forty days. */
  readonly next?: NextWatering;
  readonly checks: readonly Check[];
}

/** How finely the course is told, days, and into how many pieces at most. */
const COURSE = { every_d: 0.125, most: 500 };

function courseOf(input: DryDownInput, point: Point, end_d: number): DryDownResult['course'] {
  const pieces = Math.max(1, Math.min(COURSE.most, Math.ceil(end_d / COURSE.every_d)));
  const times = Array.from({ length: pieces + 1 }, (_, i) => (i * end_d) / pieces);
  const water = waterOf(input, habitOf(point), times);
  return times.map((at_d, i) => ({ at_d, mass_g: point[2] + (water[i] as number) }));
}

/** What is believed before the first weighing. */
const PRIOR = { stress_cm: 100, stressFactor: 2 };
/** Usual error of a weighing, as a share of the water that the drained pot holds, and how many weighings that is worth. */
const NOISE = { share: 0.01, worth: 4 };
/**
 * What the weights of a pot tell: how much it uses, what it weighs drained, when the plant begins to save, when it is to be
 * watered next.
 *
 * Least squares through the column by Gauss and Newton, from wherever a few demands fit better than those beside them: mass = pot and solids + water(t; demand, stress), drained at the
 * start, watered as the diary says. Demand is believed to lie around what the stand asks for (log-normal, a factor of 1.6
 * is one SD), the stress point around 100 cm (a factor of 2); a weighing errs by 1 % of the water that the drained pot
 * holds, which counts as four weighings against what they say themselves. Bands are 90 %, Student's t. `next` is when the
 * water is down to `waterAt` of the drained pot's, if days stay as they were and nobody waters. Masses g, volumes mL.
 * Throws for diaries that are none, and what no pot can be (see `column`).
 * Source: least squares through Richards' equation; prior as a weighed observation.
 * Example: 400 mL lost in two days from a top of 201 cm2 is 10 mm a day.
 */
export function dryDown(input: DryDownInput): DryDownResult {
  requireDryDown(input);
  const { weights, waterings, expected } = input;
  const times_d = weights.map(({ at_d }) => at_d);
  const start: Habit = { mmPerD: expected.mmPerD, stress_cm: PRIOR.stress_cm };
  const full_mL = waterOf(input, start, [0])[0] as number;
  const sigma_g = NOISE.share * full_mL;
  const beliefs: Beliefs = [
    { at: Math.log(start.mmPerD), sd: Math.log(expected.factor ?? DRY_DOWN_DEFAULTS.factor) },
    { at: Math.log(start.stress_cm), sd: Math.log(PRIOR.stressFactor) },
  ];
  const { point, information } = fitHabit(input, times_d, beliefs, sigma_g);

  const water = waterOf(input, habitOf(point), times_d);
  const predicted = weights.map(({ at_d, mass_g }, i) => ({
    at_d,
    mass_g: point[2] + (water[i] as number),
    weighed_g: mass_g,
  }));
  const sse = predicted.reduce((sum, { mass_g, weighed_g }) => sum + (mass_g - weighed_g) ** 2, 0);
  const freedom = Math.max(0, weights.length - 2) + NOISE.worth;
  const noise = (sse / sigma_g ** 2 + NOISE.worth) / freedom;
  const t90 = studentT(0.95, freedom);
  const covariance = (invertSymmetric(information) ?? []).map((row) => row.map((one) => one * noise));
  const se = (k: number): number => Math.sqrt(covariance[k]?.[k] ?? 0);
  const [demand_mmPerD, capacity_g] = [Math.exp(point[0]), point[2] + full_mL];
  const now_d = input.now_d ?? Math.max(...times_d, ...waterings.map(({ at_d }) => at_d));
  const next = nextWatering({ input, point, covariance, t90, full_mL, now_d });
  return {
    demand_mmPerD,
    demand: [demand_mmPerD * Math.exp(-t90 * se(0)), demand_mmPerD * Math.exp(t90 * se(0))],
    capacity_g,
    capacity: [capacity_g - t90 * se(2), capacity_g + t90 * se(2)],
    water_mL: full_mL,
    stress_cm: Math.exp(point[1]),
    predicted,
    rmse_g: Math.sqrt(sse / weights.length),
    course: courseOf(input, point, Math.max(now_d, next?.at_d ?? 0)),
    ...(next === undefined ? {} : { next }),
    checks: offItsCurve(predicted, waterings, full_mL),
  };
}
