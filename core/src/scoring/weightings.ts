import { meanOf } from '../statistics';
import { gammaDraw } from './gammaDraw';
import { scoreCriterion, type ScoredCriterion } from './score';
import { PARTS, scatterOf } from './scatter';
import { HIGHEST_SCORE, scoreOf } from './scoreFunction';
import { seededRandom, seedOf, type Random } from './seededRandom';

/** A product's points on the common criteria, and what moves them from draw to draw; flat, for it is read millions of times. */
export interface Line {
  readonly name: string;
  readonly points: Float64Array;
  /** Of each criterion, what an uncertain value scores at evenly likely places of its error. */
  readonly scatter: readonly (Float64Array | undefined)[];
  /** Raters of each criterion whose marks differ from draw to draw: 0 where one value stands. */
  readonly raters: Int32Array;
  /** Their deviations from their mean, in points: as many places for each criterion as there is room for raters. */
  readonly deviations: Float64Array;
  readonly random: Random;
}

/** Points of raters who differ from draw to draw: none where a value was agreed on, or one alone marked. */
export const ratedPoints = ({ value, raters = [], function: fn }: ScoredCriterion): number[] =>
  value !== undefined || raters.length < 2 ? [] : raters.map((one) => scoreOf(fn, one));

/** A product as it is drawn, with room for so many raters of a criterion. */
export function lineOf(
  { name, criteria }: { readonly name: string; readonly criteria: readonly ScoredCriterion[] },
  at: string,
  seed: number,
  room: number,
): Line {
  const scored = criteria.map((one) => scoreCriterion(one, at));
  const raters = new Int32Array(criteria.length);
  const deviations = new Float64Array(criteria.length * room);
  criteria.forEach((one, c) => {
    const points = ratedPoints(one);
    raters[c] = points.length;
    deviations.set(
      points.map((own) => own - meanOf(points)),
      c * room,
    );
  });
  return {
    name,
    points: Float64Array.from(scored, (one) => one.score ?? 0),
    scatter: scored.map((one) => (one.around === undefined ? undefined : scatterOf(one))),
    raters,
    deviations,
    random: seededRandom(seedOf(name, seed)),
  };
}

/** Weights drawn around the rubric's own: Dirichlet with concentration x w / sum w. */
function drawWeights(own: readonly number[], concentration: number, random: Random, into: Float64Array): void {
  const whole = own.reduce((sum, one) => sum + one, 0);
  let drawn = 0;
  own.forEach((one, i) => {
    into[i] = one === 0 ? 0 : gammaDraw((concentration * one) / whole, random);
    drawn += into[i];
  });
  if (drawn > 0) into.forEach((one, i) => (into[i] = one / drawn));
}

/**
 * How much of each rater counts in a draw, where so many rated: one weighting for all products, from `n x room` on for n
 * raters.
 */
function raterWeights(room: number, random: Random, into: Float64Array): void {
  for (let n = 2; n <= room; n += 1) {
    let whole = 0;
    for (let r = 0; r < n; r += 1) {
      const one = -Math.log(1 - random());
      into[n * room + r] = one;
      whole += one;
    }
    // Weighted like this the mean scatters as its standard error does.
    const scale = Math.sqrt((n + 1) / (n - 1)) / whole;
    for (let r = 0; r < n; r += 1) into[n * room + r] = scale * (into[n * room + r] as number);
  }
}

export interface Drawing {
  readonly geometric: boolean;
  readonly caps: readonly { readonly at: number; readonly below: number; readonly max: number }[];
}

/** Weights and what each rater counts, draw by draw: the same for all products. */
export interface Draws {
  readonly count: number;
  /** `criteria` weights for each draw. */
  readonly weights: Float64Array;
  readonly criteria: number;
  /** Raters' shares for each draw, as `raterWeights` lays them out. */
  readonly counted: Float64Array;
  /** Raters of a criterion at most. */
  readonly room: number;
}

/** Draws weightings of the criteria and of the raters. */
export function drawsOf(
  own: readonly number[],
  { draws, concentration, room }: { readonly draws: number; readonly concentration: number; readonly room: number },
  random: Random,
): Draws {
  const criteria = own.length;
  const perDraw = (room + 1) * room;
  const weights = new Float64Array(draws * criteria);
  const counted = new Float64Array(draws * perDraw);
  for (let d = 0; d < draws; d += 1) {
    drawWeights(own, concentration, random, weights.subarray(d * criteria, (d + 1) * criteria));
    raterWeights(room, random, counted.subarray(d * perDraw, (d + 1) * perDraw));
  }
  return { count: draws, weights, criteria, counted, room };
}

/** One product's overall in every draw. Product by product, and not draw by draw: what moves it stays at hand that way. */
export function drawAll(line: Line, draws: Draws, how: Drawing): Float64Array {
  const { points, scatter, raters, deviations, random } = line;
  const { weights, criteria, counted, room } = draws;
  const { geometric, caps } = how;
  const perDraw = (room + 1) * room;
  const overalls = new Float64Array(draws.count);
  for (let d = 0; d < draws.count; d += 1) {
    let total = 0;
    let most = Infinity;
    for (let c = 0; c < criteria; c += 1) {
      const table = scatter[c];
      let one = points[c] as number;
      if (table !== undefined) one = table[(random() * PARTS) | 0] as number;
      else {
        const n = raters[c] as number;
        const at = d * perDraw + n * room;
        for (let r = 0; r < n; r += 1) one += (counted[at + r] as number) * (deviations[c * room + r] as number);
        if (n > 0) one = one < 0 ? 0 : one > HIGHEST_SCORE ? HIGHEST_SCORE : one;
      }
      const weight = weights[d * criteria + c] as number;
      if (weight > 0) total += weight * (geometric ? Math.log(one) : one);
      for (const cap of caps) if (cap.at === c && one < cap.below && cap.max < most) most = cap.max;
    }
    overalls[d] = Math.min(most, geometric ? Math.exp(total) : total);
  }
  return overalls;
}
