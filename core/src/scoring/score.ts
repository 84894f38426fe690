import { CoreError, refuse, requireNotNegative, type Check } from '../errors';
import { choice, defineMethod, list, maybe, number, object, text, whole, type InputOf } from '../method';
import { meanOf, sdOf } from '../statistics';
import { HIGHEST_SCORE, requireScoreFunction, SCORE_FUNCTION, scoreOf } from './scoreFunction';
import { drawFrom, scatterOf } from './scatter';
import type { Scored } from './scored';
import { seededRandom } from './seededRandom';

/** One line of a rubric with what was found for it: a value, or the raters' values. */
export const CRITERION = object({
  name: text(),
  weight: number(),
  kind: choice(['price', 'measured', 'panel', 'grow', 'claims', 'must']),
  function: SCORE_FUNCTION,
  value: maybe(number('a measured or an agreed value; goes before raters')),
  value_se: maybe(number('its standard error')),
  raters: maybe(list(number())),
});
export type ScoredCriterion = InputOf<typeof CRITERION>;
export type CriterionKind = ScoredCriterion['kind'];

/** A limiting factor: where the criterion's score is below `below`, the overall is at most `max`. */
export const CAP = object({ criterion: text(), below: number(), max: number() });
export type ScoreCap = InputOf<typeof CAP>;

const INPUT = object({
  criteria: list(CRITERION),
  aggregate: maybe(choice(['arithmetic', 'geometric'])),
  caps: maybe(list(CAP)),
  draws: maybe(whole({ minimum: 1, maximum: 100_000 })),
  seed: maybe(whole({ minimum: 0 })),
});
export type ScoreInput = InputOf<typeof INPUT>;
export type Aggregate = NonNullable<ScoreInput['aggregate']>;

export interface ScoreResult {
  /** Score absent where the criterion is missing; spread is the raters' SD. */
  readonly criteria: readonly { readonly name: string; readonly score?: number; readonly spread?: number }[];
  readonly overall?: number;
  readonly cappedBy?: string;
  /** The criterion that a geometric mean suffers from most, where it has the lowest score. */
  readonly sunkBy?: string;
  /** 5 and 95 % of the overall over draws of the raters' means and of the values within their errors. */
  readonly band?: readonly [number, number];
  readonly missing: readonly string[];
  /** Overall if every missing criterion scored 0, and if it scored 10. */
  readonly couldBe?: readonly [number, number];
  readonly checks: readonly Check[];
}

export const SCORE_DEFAULTS = Object.freeze({ aggregate: 'arithmetic', draws: 2000, seed: 1 });

/**
 * Overall score of one product by a rubric.
 *
 * Each criterion's function turns its value into 0..10; overall = sum w s / sum w, or exp(sum w ln s / sum w) on
 * choice. A missing criterion is never a zero: the weights of the others are rescaled, and `couldBe` says how far the
 * overall could move. Caps apply to the overall; the lowest one that binds is named.
 * `band`: seeded draws of each raters' mean (normal, SE = SD/sqrt n, held to 0..10) and of values with an error,
 * at 128 evenly likely places; it has no width without either.
 * Throws for no criteria, a repeated name, a negative or all-zero weight, a bad function, a rating outside 0..10 on
 * `direct`, a cap on an unknown criterion. Overall is absent, with a check, where every criterion is missing.
 * Example: scores 8 (weight 1) and 5 (weight 2): arithmetic 6, geometric 5.848.
 */
export function score(input: ScoreInput): ScoreResult {
  requireScoreInput(input);
  const aggregate = input.aggregate ?? SCORE_DEFAULTS.aggregate;
  const caps = input.caps ?? [];
  const scored = input.criteria.map((criterion, i) => scoreCriterion(criterion, `criteria[${String(i)}]`));
  const missing = scored.filter((one) => one.score === undefined).map((one) => one.name);
  const present = scored.filter((one): one is Scored & { score: number } => one.score !== undefined);
  const criteria = scored.map(({ name, score: points, spread }) => ({
    name,
    ...(points === undefined ? {} : { score: points }),
    ...(spread === undefined ? {} : { spread }),
  }));
  if (present.length === 0 || present.every((one) => one.weight === 0)) {
    const message = 'No overall score: no criterion with weight has a value yet.';
    return { criteria, missing, checks: [{ code: 'nothing-scored', severity: 'note', message }] };
  }
  const { overall, cappedBy } = capped(aggregate, present, caps);
  const sunk = aggregate === 'geometric' ? lowest(present) : undefined;
  const filled = (value: number): number =>
    capped(
      aggregate,
      scored.map((one) => ({ ...one, score: one.score ?? value })),
      caps,
    ).overall;
  return {
    criteria,
    overall,
    ...(cappedBy === undefined ? {} : { cappedBy }),
    ...(sunk === undefined ? {} : { sunkBy: sunk }),
    band: bandOf(present, aggregate, caps, input),
    missing,
    ...(missing.length === 0 ? {} : { couldBe: [filled(0), filled(HIGHEST_SCORE)] as const }),
    checks:
      missing.length === 0
        ? []
        : [
            {
              code: 'missing',
              severity: 'note',
              message: `Not in yet: ${missing.join(', ')}. The others carry the weight.`,
            },
          ],
  };
}

export function requireScoreInput(input: Pick<ScoreInput, 'criteria' | 'caps'>): void {
  if (input.criteria.length === 0) refuse('criteria', 'an empty list has no score; give at least one criterion');
  const names = new Set<string>();
  input.criteria.forEach((criterion, i) => {
    const at = `criteria[${String(i)}]`;
    if (names.has(criterion.name)) refuse(`${at}.name`, `"${criterion.name}" stands twice; each criterion once`);
    names.add(criterion.name);
    requireNotNegative(`${at}.weight`, criterion.weight, '');
    if (criterion.value_se !== undefined) requireNotNegative(`${at}.value_se`, criterion.value_se, '');
    requireScoreFunction(criterion.function, `${at}.function`);
  });
  if (input.criteria.every((criterion) => criterion.weight === 0)) refuse('criteria', 'all weights are 0');
  input.caps?.forEach((cap, i) => {
    if (names.has(cap.criterion)) return;
    throw new CoreError('unknown', `caps[${String(i)}].criterion`, `there is no criterion "${cap.criterion}"`);
  });
}

/** One criterion's value as points of 0 to 10, with what is uncertain of it. */
export function scoreCriterion(criterion: ScoredCriterion, at: string): Scored {
  const { name, weight, value, raters, value_se: own = 0 } = criterion;
  const fn = criterion.function;
  if (raters !== undefined && raters.length > 0) {
    const points = raters.map((rating, i) => scoreOf(fn, rating, `${at}.raters[${String(i)}]`));
    const spread = points.length > 1 ? { spread: sdOf(points) } : {};
    if (value !== undefined) return { name, weight, score: scoreOf(fn, value, `${at}.value`), ...spread };
    const se = points.length > 1 ? { se: sdOf(points) / Math.sqrt(points.length) } : {};
    return { name, weight, score: scoreOf(fn, meanOf(raters), at), ...spread, ...se };
  }
  if (value === undefined) return { name, weight };
  const around = own > 0 && fn.type !== 'direct' ? { around: { fn, value, se: own } } : {};
  const se = own > 0 && fn.type === 'direct' ? { se: own } : {};
  return { name, weight, score: scoreOf(fn, value, `${at}.value`), ...around, ...se };
}

export type Present = Scored & { readonly score: number };

/** The overall of points with their weights. */
function mean(aggregate: Aggregate, present: readonly Present[]): number {
  const weight = present.reduce((sum, one) => sum + one.weight, 0);
  if (aggregate === 'arithmetic') return present.reduce((sum, one) => sum + one.weight * one.score, 0) / weight;
  const logs = present.reduce((sum, one) => (one.weight === 0 ? sum : sum + one.weight * Math.log(one.score)), 0);
  return Math.exp(logs / weight);
}

/** The overall under its caps, and the last of them that binds. */
export function capped(
  aggregate: Aggregate,
  present: readonly Present[],
  caps: readonly ScoreCap[],
): { readonly overall: number; readonly cappedBy?: string } {
  const free = mean(aggregate, present);
  let overall = free;
  let cappedBy: string | undefined;
  for (const cap of caps) {
    const one = present.find((candidate) => candidate.name === cap.criterion);
    if (one !== undefined && one.score < cap.below && overall > cap.max) {
      overall = cap.max;
      cappedBy = cap.criterion;
    }
  }
  return { overall, ...(cappedBy === undefined ? {} : { cappedBy }) };
}

function lowest(present: readonly Present[]): string | undefined {
  const floor = Math.min(...present.map((one) => one.score));
  return floor < Math.max(...present.map((one) => one.score))
    ? present.find((one) => one.score === floor)?.name
    : undefined;
}

function bandOf(
  present: readonly Present[],
  aggregate: Aggregate,
  caps: readonly ScoreCap[],
  input: ScoreInput,
): readonly [number, number] {
  const draws = input.draws ?? SCORE_DEFAULTS.draws;
  const random = seededRandom(input.seed ?? SCORE_DEFAULTS.seed);
  const weights = Float64Array.from(present, ({ weight }) => weight);
  const whole = weights.reduce((sum, weight) => sum + weight, 0);
  const limits = caps.flatMap(({ criterion, below, max }) => {
    const at = present.findIndex(({ name }) => name === criterion);
    return at < 0 ? [] : [{ at, below, max }];
  });
  const tables = present.map((one) => scatterOf(one));
  const points = Float64Array.from(present, ({ score: one }) => one);
  const drawn = new Float64Array(draws);
  // Written out without a list for each draw: a ranking does this for every product.
  for (let d = 0; d < draws; d += 1) {
    let sum = 0;
    for (let c = 0; c < present.length; c += 1) {
      const table = tables[c];
      if (table !== undefined) points[c] = drawFrom(table, random);
      const value = points[c] as number;
      const weight = weights[c] as number;
      if (weight > 0) sum += weight * (aggregate === 'geometric' ? Math.log(value) : value);
    }
    let overall = aggregate === 'geometric' ? Math.exp(sum / whole) : sum / whole;
    for (const { at, below, max } of limits) if ((points[at] as number) < below) overall = Math.min(overall, max);
    drawn[d] = overall;
  }
  drawn.sort();
  const at = (share: number): number => drawn[Math.round(share * (draws - 1))] as number;
  return [at(0.05), at(0.95)];
}

export const scoreMethod = defineMethod({
  name: 'score',
  version: 2,
  source: 'The rubric, at the version that the card keeps.',
  schema: INPUT,
  calculate: score,
  outputs: {
    criterion: {
      of: 'criteria[0].score',
      sentence: 'What was found, turned into 0 to 10 by the rubric’s own function.',
      formula: 'function of the value, or mean of the raters',
    },
    overall: {
      of: 'overall',
      sentence: 'Weighted mean of the criteria that are in; a missing one is never a zero.',
      formula: 'Σ weight × score / Σ weight, then the caps',
    },
  },
  golden: {
    input: {
      criteria: [
        {
          name: 'air',
          weight: 2,
          kind: 'measured',
          function: { type: 'window', ideal: [0.2, 0.3], limits: [0.1, 0.5] },
          value: 0.17,
        },
        { name: 'smell', weight: 1, kind: 'panel', function: { type: 'direct' }, raters: [6, 8] },
        { name: 'price', weight: 1, kind: 'price', function: { type: 'line', at0: 0.4, at10: 0.05 } },
      ],
    },
    gives: {
      'criteria[0].score': 7,
      overall: 7,
      'criteria[1].spread': 1.41421356237,
      'band[0]': 6.427590627498,
    },
  },
});
