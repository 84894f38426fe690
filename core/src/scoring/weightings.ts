import { meanOf } from '../statistics';
import { gammaDraw } from './gammaDraw';
import { scoreCriterion, type ScoredCriterion } from './score';
import { HIGHEST_SCORE, scoreOf, type ScoreFunction } from './scoreFunction';
import { normalDraw, seededRandom, seedOf, type Random } from './seededRandom';

/** A product's points on the common criteria, and what moves them from draw to draw. */
export interface Line {
  readonly name: string;
  readonly points: Float64Array;
  /** Raters' deviations from their mean, in points, by criterion; empty where one value stands. */
  readonly deviations: readonly (readonly number[])[];
  readonly around: readonly ({ readonly fn: ScoreFunction; readonly value: number; readonly se: number } | undefined)[];
  readonly random: Random;
}

export function lineOf(name: string, criteria: readonly ScoredCriterion[], at: string, seed: number): Line {
  const scored = criteria.map((one) => scoreCriterion(one, at));
  return {
    name,
    points: Float64Array.from(scored, (one) => one.score ?? 0),
    deviations: criteria.map(({ value, raters = [], function: fn }) => {
      if (value !== undefined || raters.length < 2) return [];
      const points = raters.map((one) => scoreOf(fn, one));
      return points.map((one) => one - meanOf(points));
    }),
    around: scored.map((one) => one.around),
    random: seededRandom(seedOf(name, seed)),
  };
}

/** Weights drawn around the rubric's own: Dirichlet with concentration x w / sum w. */
export function drawWeights(own: readonly number[], concentration: number, random: Random, into: Float64Array): void {
  const whole = own.reduce((sum, one) => sum + one, 0);
  let drawn = 0;
  own.forEach((one, i) => {
    into[i] = one === 0 ? 0 : gammaDraw((concentration * one) / whole, random);
    drawn += into[i];
  });
  if (drawn > 0) into.forEach((one, i) => (into[i] = one / drawn));
}

/** How much of each rater counts in a draw: one weighting for all products that so many rated. */
export function raterWeights(most: number, random: Random): readonly (readonly number[])[] {
  return Array.from({ length: most + 1 }, (_, n) => {
    if (n < 2) return [];
    const drawn = Array.from({ length: n }, () => gammaDraw(1, random));
    const whole = drawn.reduce((sum, one) => sum + one, 0);
    // Weighted like this the mean scatters as its standard error does.
    const scale = Math.sqrt((n + 1) / (n - 1));
    return drawn.map((one) => (scale * one) / whole);
  });
}

const held = (points: number): number => Math.min(HIGHEST_SCORE, Math.max(0, points));

export interface Drawing {
  readonly geometric: boolean;
  readonly caps: readonly { readonly at: number; readonly below: number; readonly max: number }[];
}

/** One product's overall in one draw. */
export function drawn(line: Line, weights: Float64Array, raters: readonly (readonly number[])[], how: Drawing): number {
  const { points, deviations, around } = line;
  const at = (c: number): number => {
    const own = around[c];
    if (own !== undefined) return scoreOf(own.fn, own.value + own.se * normalDraw(line.random));
    const apart = deviations[c] as readonly number[];
    if (apart.length === 0) return points[c] as number;
    const counted = raters[apart.length] as readonly number[];
    let moved = points[c] as number;
    for (let r = 0; r < apart.length; r += 1) moved += (counted[r] as number) * (apart[r] as number);
    return held(moved);
  };
  let total = 0;
  let most = Infinity;
  for (let c = 0; c < points.length; c += 1) {
    const weight = weights[c] as number;
    const one = at(c);
    if (weight > 0) total += weight * (how.geometric ? Math.log(one) : one);
    for (const cap of how.caps) if (cap.at === c && one < cap.below) most = Math.min(most, cap.max);
  }
  return Math.min(most, how.geometric ? Math.exp(total) : total);
}

export interface Tally {
  readonly first: Float64Array;
  readonly topThree: Float64Array;
  /** How often the one of the row beats the one of the column. */
  readonly beats: Float64Array;
}

export function count(values: Float64Array, tally: Tally): void {
  const n = values.length;
  for (let i = 0; i < n; i += 1) {
    let better = 0;
    let level = 0;
    for (let j = 0; j < n; j += 1) {
      if ((values[j] as number) > (values[i] as number)) better += 1;
      else if (values[j] === values[i]) level += 1;
      else tally.beats[i * n + j] = (tally.beats[i * n + j] as number) + 1;
    }
    if (better === 0) tally.first[i] = (tally.first[i] as number) + 1 / level;
    if (better < 3) tally.topThree[i] = (tally.topThree[i] as number) + Math.min(1, (3 - better) / level);
  }
}
