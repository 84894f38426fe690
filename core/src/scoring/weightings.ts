import { meanOf } from '../statistics';
import { gammaDraw } from './gammaDraw';
import { scoreCriterion, type ScoredCriterion } from './score';
import { PARTS, scatterOf } from './scatter';
import { HIGHEST_SCORE, scoreOf } from './scoreFunction';
import { seededRandom, seedOf, type Random } from './seededRandom';

/** A product's points on the common criteria, and what moves them from draw to draw. */
export interface Line {
  readonly name: string;
  readonly points: Float64Array;
  /** Of each criterion, what an uncertain value scores at evenly likely places of its error. */
  readonly scatter: readonly (Float64Array | undefined)[];
  /** Of each criterion, its raters' deviations from their mean, in points: none where one value stands. */
  readonly deviations: readonly (readonly number[])[];
  readonly random: Random;
}

/** Points of raters who differ from draw to draw: none where a value was agreed on, or one alone marked. */
export const ratedPoints = ({ value, raters = [], function: fn }: ScoredCriterion): number[] =>
  value !== undefined || raters.length < 2 ? [] : raters.map((one) => scoreOf(fn, one));

/** A product as it is drawn. */
export function lineOf(
  { name, criteria }: { readonly name: string; readonly criteria: readonly ScoredCriterion[] },
  at: string,
  seed: number,
): Line {
  const scored = criteria.map((one) => scoreCriterion(one, at));
  return {
    name,
    points: Float64Array.from(scored, (one) => one.score ?? 0),
    scatter: scored.map((one) => (one.around === undefined ? undefined : scatterOf(one))),
    deviations: criteria.map((one) => {
      const points = ratedPoints(one);
      return points.map((own) => own - meanOf(points));
    }),
    random: seededRandom(seedOf(name, seed)),
  };
}

/** Weights drawn around the rubric's own: Dirichlet with concentration x w / sum w. */
function drawWeights(
  own: readonly number[],
  concentration: number,
  random: Random,
  into: readonly Float64Array[],
  d: number,
): void {
  const whole = own.reduce((sum, one) => sum + one, 0);
  let drawn = 0;
  own.forEach((one, c) => {
    const share = one === 0 ? 0 : gammaDraw((concentration * one) / whole, random);
    (into[c] as Float64Array)[d] = share;
    drawn += share;
  });
  if (drawn > 0) for (const of of into) of[d] = (of[d] as number) / drawn;
}

/** How much of each of n raters counts in a draw: one weighting for all products that so many rated. */
function drawRaters(random: Random, into: readonly Float64Array[], d: number): void {
  const n = into.length;
  let whole = 0;
  for (const of of into) {
    const one = -Math.log(1 - random());
    of[d] = one;
    whole += one;
  }
  // Weighted like this the mean scatters as its standard error does.
  const scale = Math.sqrt((n + 1) / (n - 1)) / whole;
  for (const of of into) of[d] = scale * (of[d] as number);
}

export interface Drawing {
  readonly geometric: boolean;
  readonly caps: readonly { readonly at: number; readonly below: number; readonly max: number }[];
}

/** Weights and what each rater counts, the same for all products: by criterion and by rater, each over all draws. */
export interface Draws {
  readonly count: number;
  /** Of each criterion, its weight in every draw. */
  readonly weights: readonly Float64Array[];
  /** Of so many raters, what each counts in every draw: `raters[n][r]`. */
  readonly raters: readonly (readonly Float64Array[])[];
}

interface Drawn {
  readonly draws: number;
  readonly concentration: number;
  /** Raters of a criterion at most. */
  readonly room: number;
}

/** Draws weightings of the criteria and of the raters. */
export function drawsOf(own: readonly number[], { draws, concentration, room }: Drawn, random: Random): Draws {
  const column = (): Float64Array => new Float64Array(draws);
  const weights = own.map(column);
  const raters = Array.from({ length: room + 1 }, (_, n) => Array.from({ length: n }, column));
  for (let d = 0; d < draws; d += 1) {
    drawWeights(own, concentration, random, weights, d);
    for (let n = 2; n <= room; n += 1) drawRaters(random, raters[n] as Float64Array[], d);
  }
  return { count: draws, weights, raters };
}

/** Points of one criterion of a product in every draw. */
function pointsInto(into: Float64Array, line: Line, c: number, draws: Draws): void {
  const table = line.scatter[c];
  const own = line.points[c] as number;
  if (table !== undefined) {
    const { random } = line;
    for (let d = 0; d < into.length; d += 1) into[d] = table[(random() * PARTS) | 0] as number;
    return;
  }
  into.fill(own);
  const apart = line.deviations[c] as readonly number[];
  const counted = draws.raters[apart.length] as readonly Float64Array[];
  apart.forEach((deviation, r) => {
    const counts = counted[r] as Float64Array;
    for (let d = 0; d < into.length; d += 1) into[d] = (into[d] as number) + deviation * (counts[d] as number);
  });
  if (apart.length === 0) return;
  for (let d = 0; d < into.length; d += 1) {
    const one = into[d] as number;
    into[d] = one < 0 ? 0 : one > HIGHEST_SCORE ? HIGHEST_SCORE : one;
  }
}

/**
 * One product's overall in every draw. Criterion by criterion, each over all draws: plain loops over plain columns, for
 * there are millions of them.
 */
export function drawAll(line: Line, draws: Draws, { geometric, caps }: Drawing): Float64Array {
  const overalls = new Float64Array(draws.count);
  const most = new Float64Array(draws.count).fill(Infinity);
  const points = new Float64Array(draws.count);
  draws.weights.forEach((weights, c) => {
    pointsInto(points, line, c, draws);
    for (const { at, below, max } of caps)
      if (at === c)
        for (let d = 0; d < points.length; d += 1)
          if ((points[d] as number) < below && (most[d] as number) > max) most[d] = max;
    if (geometric) for (let d = 0; d < points.length; d += 1) points[d] = Math.log(points[d] as number);
    for (let d = 0; d < points.length; d += 1) {
      const weight = weights[d] as number;
      // Nothing times minus infinity is no number.
      if (weight > 0) overalls[d] = (overalls[d] as number) + weight * (points[d] as number);
    }
  });
  for (let d = 0; d < overalls.length; d += 1) {
    const one = geometric ? Math.exp(overalls[d] as number) : (overalls[d] as number);
    overalls[d] = Math.min(most[d] as number, one);
  }
  return overalls;
}
