import { CoreError, refuse, requirePositive, type Check } from '../errors';
import { choice, defineMethod, list, maybe, number, object, text, whole, type InputOf } from '../method';
import { CAP, CRITERION, requireScoreInput, score, SCORE_DEFAULTS, type ScoredCriterion } from './score';
import { SCORE_FUNCTION } from './scoreFunction';
import { seededRandom } from './seededRandom';
import { tallyOf } from './tally';
import { drawAll, drawsOf, lineOf, ratedPoints, type Drawing } from './weightings';

const RUBRIC = object({
  criteria: list(object({ name: text(), weight: number(), kind: CRITERION.properties.kind, function: SCORE_FUNCTION })),
  aggregate: maybe(choice(['arithmetic', 'geometric'])),
  caps: maybe(list(CAP)),
});

const PRODUCT = object({
  name: text(),
  criteria: list(
    object({
      name: text(),
      value: CRITERION.properties.value,
      value_se: CRITERION.properties.value_se,
      raters: CRITERION.properties.raters,
    }),
  ),
});

const INPUT = object({
  rubric: RUBRIC,
  products: list(PRODUCT),
  concentration: maybe(number('how close weightings stay to the rubric’s own; 50 where absent')),
  draws: maybe(whole({ minimum: 1, maximum: 100_000 })),
  seed: maybe(whole({ minimum: 0 })),
});
export type RankInput = InputOf<typeof INPUT>;

export interface Ranked {
  readonly name: string;
  /** By the rubric’s own weights and all that is in of this product: another product never changes it. */
  readonly overall?: number;
  readonly band?: readonly [number, number];
  /** Overall on the criteria that all products have, which the order goes by; only where that is another. */
  readonly onCommon?: number;
  /** Share of the weightings in which it is first, and among the first three; a tie is shared. */
  readonly firstShare: number;
  readonly topThreeShare: number;
  /** Names of those that it neither beats nor is beaten by in nine tenths of the draws. */
  readonly levelWith: readonly string[];
}

export interface RankResult {
  readonly ranking: readonly Ranked[];
  /** Criteria that all products have. */
  readonly common: readonly string[];
  readonly checks: readonly Check[];
}

export const RANK_DEFAULTS = Object.freeze({ concentration: 50, draws: 5000, seed: 1 });

/** One product is better than another from so large a share of the draws on. */
const SURE = 0.9;

const criteriaOf = (rubric: RankInput['rubric'], product: RankInput['products'][number]): ScoredCriterion[] =>
  rubric.criteria.map((criterion) => {
    const { value, value_se, raters } = product.criteria.find((one) => one.name === criterion.name) ?? {};
    return {
      ...criterion,
      ...(value === undefined ? {} : { value }),
      ...(value_se === undefined ? {} : { value_se }),
      ...(raters === undefined ? {} : { raters }),
    };
  });

const isIn = ({ value, raters = [] }: ScoredCriterion): boolean => value !== undefined || raters.length > 0;

function requireRankInput({ rubric, products, concentration }: RankInput): void {
  requireScoreInput({ criteria: rubric.criteria, ...(rubric.caps === undefined ? {} : { caps: rubric.caps }) });
  if (products.length === 0) refuse('products', 'an empty list has no order; give at least one product');
  if (concentration !== undefined) requirePositive('concentration', concentration, '');
  const known = new Set(rubric.criteria.map(({ name }) => name));
  const names = new Set<string>();
  products.forEach((product, p) => {
    if (names.has(product.name)) refuse(`products[${String(p)}].name`, `"${product.name}" stands twice`);
    names.add(product.name);
    const own = new Set<string>();
    product.criteria.forEach(({ name }, c) => {
      const at = `products[${String(p)}].criteria[${String(c)}].name`;
      if (!known.has(name)) throw new CoreError('unknown', at, `the rubric has no criterion "${name}"`);
      if (own.has(name)) refuse(at, `"${name}" stands twice`);
      own.add(name);
    });
  });
}

/**
 * Products in order by a rubric, and how sure the order is.
 *
 * `overall` and `band` are each product's own score. The order goes by the criteria that all products have: what one of
 * them lacks can be no advantage of another. Stability: of `draws` weightings around the rubric's own (Dirichlet with
 * alpha = concentration x weight / sum of weights) the share in which a product is first, and among the first three; the
 * raters' scatter (one weighting of the raters for all products) and the errors of values are drawn with them. Two are
 * level when neither beats the other in 90 % of the draws. Products that score alike share a place; the order of entry
 * plays no part, nor does another product in anybody's score.
 * Throws for no products, a repeated name, an unknown criterion, and what `score` refuses.
 */
export function rank(input: RankInput): RankResult {
  requireRankInput(input);
  const { rubric, products } = input;
  const { concentration = RANK_DEFAULTS.concentration, draws = RANK_DEFAULTS.draws, seed = RANK_DEFAULTS.seed } = input;
  const all = products.map((product) => ({ name: product.name, criteria: criteriaOf(rubric, product) }));
  const common = rubric.criteria.filter((_, c) => all.every(({ criteria }) => isIn(criteria[c] as ScoredCriterion)));
  const places = common.map((one) => rubric.criteria.indexOf(one));
  const how: Drawing = {
    geometric: rubric.aggregate === 'geometric',
    caps: (rubric.caps ?? []).flatMap(({ criterion, below, max }) => {
      const at = common.findIndex(({ name }) => name === criterion);
      return at < 0 ? [] : [{ at, below, max }];
    }),
  };
  const scoring = { aggregate: rubric.aggregate ?? SCORE_DEFAULTS.aggregate, caps: rubric.caps ?? [], seed };
  const scored = all.map(({ criteria }) => score({ ...scoring, criteria }));
  const shared = (criteria: readonly ScoredCriterion[]): ScoredCriterion[] =>
    places.map((place) => criteria[place] as ScoredCriterion);
  const caps = scoring.caps.filter(({ criterion }) => common.some(({ name }) => name === criterion));
  const weighs = common.some(({ weight }) => weight > 0);
  const isWhole = common.length === rubric.criteria.length;
  const onCommon = all.map(({ criteria }, i) =>
    isWhole
      ? (scored[i]?.overall ?? 0)
      : weighs
        ? (score({ ...scoring, caps, draws: 1, criteria: shared(criteria) }).overall ?? 0)
        : 0,
  );
  const inCommon = all.map(({ name, criteria }) => ({ name, criteria: shared(criteria) }));
  const room = Math.max(0, ...inCommon.flatMap(({ criteria }) => criteria.map((one) => ratedPoints(one).length)));
  const lines = inCommon.map((one, p) => lineOf(one, `products[${String(p)}]`, seed));
  const own = common.map(({ weight }) => weight);
  const drawn = weighs ? drawsOf(own, { draws, concentration, room }, seededRandom(seed)) : undefined;
  const overalls = drawn === undefined ? [] : lines.map((line) => drawAll(line, drawn, how));
  const { first, topThree, beats } = tallyOf(overalls, draws);
  const n = all.length;
  const isLevel = (i: number, j: number): boolean =>
    (beats[i * n + j] ?? 0) < SURE * draws && (beats[j * n + i] ?? 0) < SURE * draws;
  const ranking = all
    .map(({ name }, i) => ({ name, i, by: onCommon[i] as number }))
    .sort((a, b) => b.by - a.by || (a.name < b.name ? -1 : 1))
    .map(({ name, i, by }): Ranked => {
      const { overall, band } = scored[i] as (typeof scored)[number];
      return {
        name,
        ...(overall === undefined ? {} : { overall }),
        ...(band === undefined ? {} : { band }),
        ...(overall === undefined || Math.abs(by - overall) < 1e-12 ? {} : { onCommon: by }),
        firstShare: (first[i] ?? 0) / draws,
        topThreeShare: (topThree[i] ?? 0) / draws,
        levelWith: weighs ? all.flatMap((other, j) => (j !== i && isLevel(i, j) ? [other.name] : [])).sort() : [],
      };
    });
  return { ranking, common: common.map(({ name }) => name), checks: checksOf(rubric, common, weighs) };
}

function checksOf(
  rubric: RankInput['rubric'],
  common: RankInput['rubric']['criteria'],
  weighs: boolean,
): readonly Check[] {
  if (!weighs)
    return [
      {
        code: 'nothing-common',
        severity: 'caution',
        message: 'No criterion is in for all of these products: there is no order.',
      },
    ];
  const left = rubric.criteria.filter((one) => !common.includes(one)).map(({ name }) => name);
  if (left.length === 0) return [];
  return [
    {
      code: 'not-common',
      severity: 'note',
      message: `Not in for all of them, and left out of the order: ${left.join(', ')}.`,
    },
  ];
}

const line = (value: number) =>
  [
    { name: 'air', value },
    { name: 'price', value: 0.2 },
  ] as const;

export const rankMethod = defineMethod({
  name: 'rank',
  version: 2,
  source: 'The rubric, at the version that the cards keep; weightings by Dirichlet draws.',
  schema: INPUT,
  calculate: rank,
  outputs: {
    first: {
      of: 'ranking[0].firstShare',
      sentence: 'Part of the weightings around the rubric’s own in which this product is first.',
      formula: 'draws in which it is first / draws',
    },
  },
  golden: {
    input: {
      rubric: {
        criteria: [
          {
            name: 'air',
            weight: 2,
            kind: 'measured',
            function: { type: 'window', ideal: [0.2, 0.3], limits: [0.1, 0.5] },
          },
          { name: 'price', weight: 1, kind: 'price', function: { type: 'line', at0: 0.4, at10: 0.05 } },
        ],
      },
      products: [
        { name: 'lean', criteria: [...line(0.15)] },
        { name: 'airy', criteria: [...line(0.25)] },
      ],
    },
    gives: { 'ranking[0].overall': 8.571428571429, 'ranking[0].firstShare': 1, 'ranking[1].overall': 5.238095238095 },
  },
});
