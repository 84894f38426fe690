import { describe, expect, it } from 'vitest';
import { agreement, rank, score, type RankInput } from '.';

const direct = { type: 'direct' } as const;
const criterion = (name: string, weight: number) => ({ name, weight, kind: 'panel' as const, function: direct });
const TWO: RankInput['rubric'] = { criteria: [criterion('air', 1), criterion('price', 1)] };
const product = (name: string, air?: number, price?: number) => ({
  name,
  criteria: [
    { name: 'air', ...(air === undefined ? {} : { value: air }) },
    { name: 'price', ...(price === undefined ? {} : { value: price }) },
  ],
});
const shares = (input: RankInput): Record<string, number> =>
  Object.fromEntries(rank(input).ranking.map(({ name, firstShare }) => [name, firstShare]));

describe('the order of products', () => {
  it('goes by the overall, and says how often each is first', () => {
    const { ranking, checks } = rank({ rubric: TWO, products: [product('lean', 4, 4), product('rich', 8, 8)] });
    expect(ranking.map(({ name, overall, firstShare }) => [name, overall, firstShare])).toEqual([
      ['rich', 8, 1],
      ['lean', 4, 0],
    ]);
    expect(ranking[0]?.levelWith).toEqual([]);
    expect(checks).toEqual([]);
  });

  it.each([
    // Beta(1, 1) over one half, and Beta(2, 1): 1 - 1/4.
    [1, 1, 2, 0.5],
    [2, 1, 3, 0.75],
    // Beta(4, 2): 1 - I(0.5; 4, 2) = 0.8125.
    [2, 1, 6, 0.8125],
  ])('weights %s and %s at concentration %s: first in %s of the weightings', (air, price, concentration, right) => {
    const rubric = { criteria: [criterion('air', air), criterion('price', price)] };
    const products = [product('airy', 10, 0), product('cheap', 0, 10)];
    const { airy } = shares({ rubric, products, concentration, draws: 40_000 });
    expect(Math.abs((airy ?? 0) - right)).toBeLessThan(0.012);
  });

  it.each([
    // Beta(20, 10) lies over one half in 97 % of the draws, Beta(4, 2) in 81 %.
    [30, []],
    [6, ['cheap']],
  ])('at concentration %s the first is level with %j', (concentration, levelWith) => {
    const rubric = { criteria: [criterion('air', 2), criterion('price', 1)] };
    const { ranking } = rank({ rubric, products: [product('airy', 10, 0), product('cheap', 0, 10)], concentration });
    expect(ranking[0]).toMatchObject({ name: 'airy', levelWith });
    expect(ranking[1]?.levelWith).toHaveLength(levelWith.length);
  });

  it('hardly moves from the rubric’s own weights where the concentration is high', () => {
    const rubric = { criteria: [criterion('air', 2), criterion('price', 1)] };
    const products = [product('airy', 10, 0), product('cheap', 0, 10)];
    expect(shares({ rubric, products, concentration: 1e6 })).toEqual({ airy: 1, cheap: 0 });
  });

  it('has equals share a place, and calls them level', () => {
    const { ranking } = rank({ rubric: TWO, products: ['c', 'a', 'b', 'd'].map((name) => product(name, 6, 6)) });
    expect(ranking.map(({ name }) => name)).toEqual(['a', 'b', 'c', 'd']);
    for (const { firstShare, topThreeShare, levelWith } of ranking) {
      expect(firstShare).toBeCloseTo(0.25, 12);
      expect(topThreeShare).toBeCloseTo(0.75, 12);
      expect(levelWith).toHaveLength(3);
    }
  });

  it('does not depend on who was entered first, nor does a score on who stands beside it', () => {
    const raters = (values: readonly number[]) => [
      { name: 'air', raters: values },
      { name: 'price', value: 5, value_se: 1 },
    ];
    const products = [
      { name: 'one', criteria: raters([5, 7, 6]) },
      { name: 'two', criteria: raters([6, 6.5, 7]) },
      { name: 'three', criteria: raters([2, 8, 5]) },
    ];
    const there = rank({ rubric: TWO, products });
    expect(rank({ rubric: TWO, products: [...products].reverse() })).toEqual(there);
    const more = rank({ rubric: TWO, products: [...products, product('four', 9, 9)] });
    for (const { name, overall, band } of there.ranking)
      expect(more.ranking.find((one) => one.name === name)).toMatchObject({ overall, band });
  });

  it('lets raters who all lean alike cancel out between products', () => {
    // Each rater is a point apart from the next on both products: the difference is sure, the level is not.
    const products = [
      { name: 'better', criteria: [{ name: 'air', raters: [5, 6, 7] }] },
      { name: 'worse', criteria: [{ name: 'air', raters: [4.5, 5.5, 6.5] }] },
    ];
    const rubric = { criteria: [criterion('air', 1)] };
    const { ranking } = rank({ rubric, products });
    expect(ranking[0]).toMatchObject({ name: 'better', firstShare: 1, levelWith: [] });
    const [lo, hi] = ranking[0]?.band ?? [0, 0];
    expect(hi - lo).toBeGreaterThan(1.5);
  });

  it('calls level what raters see now one way, now the other', () => {
    const products = [
      { name: 'a', criteria: [{ name: 'air', raters: [4, 8, 6] }] },
      { name: 'b', criteria: [{ name: 'air', raters: [7, 5, 5.5] }] },
    ];
    const { ranking } = rank({ rubric: { criteria: [criterion('air', 1)] }, products });
    expect(ranking[0]?.levelWith).toEqual(['b']);
  });

  it('scatters a rated mean as its standard error does', () => {
    // Against a steady 6.5 a mean of 6 with SE 1/sqrt(3) wins in 1 - Phi(0.866) = 0.193 by the normal law.
    const products = [
      { name: 'rated', criteria: [{ name: 'air', raters: [5, 6, 7] }] },
      { name: 'steady', criteria: [{ name: 'air', value: 6.5 }] },
    ];
    const { rated } = shares({ rubric: { criteria: [criterion('air', 1)] }, products, draws: 20_000 });
    expect(Math.abs((rated ?? 0) - 0.193)).toBeLessThan(0.04);
  });

  it('goes by the criteria that all have, and says which are left out', () => {
    const { ranking, common, checks } = rank({
      rubric: TWO,
      products: [product('cheap only', undefined, 9), product('both', 10, 2)],
    });
    expect(common).toEqual(['price']);
    expect(ranking.map(({ name, overall, onCommon }) => [name, overall, onCommon])).toEqual([
      ['cheap only', 9, undefined],
      ['both', 6, 2],
    ]);
    expect(checks[0]).toMatchObject({ code: 'not-common', message: expect.stringContaining('air') as string });
  });

  it('has no order where nothing is in for all', () => {
    const { ranking, checks } = rank({
      rubric: TWO,
      products: [product('a', 9, undefined), product('b', undefined, 9)],
    });
    expect(checks[0]?.code).toBe('nothing-common');
    expect(ranking.every(({ firstShare, levelWith }) => firstShare === 0 && levelWith.length === 0)).toBe(true);
  });

  it('keeps caps in every draw, and the geometric mean', () => {
    const products = [product('flawed', 1, 10), product('even', 6, 6)];
    const caps = [{ criterion: 'air', below: 2, max: 4 }];
    expect(shares({ rubric: { ...TWO, caps }, products, concentration: 2 })).toEqual({ even: 1, flawed: 0 });
    const geometric = rank({ rubric: { ...TWO, aggregate: 'geometric' }, products: [product('flawed', 0, 10)] });
    expect(geometric.ranking[0]?.overall).toBe(0);
  });

  it.each([
    [{ rubric: TWO, products: [] }, 'products'],
    [{ rubric: TWO, products: [product('a', 1, 1), product('a', 2, 2)] }, 'products[1].name'],
    [
      { rubric: TWO, products: [{ name: 'a', criteria: [{ name: 'smell', value: 1 }] }] },
      'products[0].criteria[0].name',
    ],
    [{ rubric: TWO, products: [product('a', 1, 1)], concentration: 0 }, 'concentration'],
  ])('refuses %#', (input: RankInput, path) => {
    expect(() => rank(input)).toThrow(expect.objectContaining({ path }) as Error);
  });
});

describe('a value with an error of its own', () => {
  it('gives the score a band, through the function', () => {
    const line = { type: 'line', at0: 0, at10: 10 } as const;
    const one = (value_se: number) =>
      score({ criteria: [{ name: 'air', weight: 1, kind: 'measured', function: line, value: 5, value_se }] }).band;
    const [lo, hi] = one(1) ?? [0, 0];
    expect(Math.abs(lo - (5 - 1.645))).toBeLessThan(0.12);
    expect(Math.abs(hi - (5 + 1.645))).toBeLessThan(0.12);
    expect(one(0)).toEqual([5, 5]);
  });
});

describe('agreement of raters', () => {
  /** Worked out by another implementation with its own F distribution. */
  it('is as another implementation has it, an item that one did not rate left out', () => {
    const { icc21, icc21_ci95, complete, words, checks } = agreement({
      ratings: [
        [6, 6.5, 5],
        [8, 7.5, 8],
        [3, 4, 2.5],
        [5, 5.5, 6],
        [7, 9, 6.5],
        [4, 4, 3],
        [9, 8.5, 9.5],
        [2, 3.5, 1.5],
        [6.5, 6, null],
        [5.5, 7, 6],
      ],
    });
    expect(Math.abs((icc21 ?? 0) - 0.8900687070580888)).toBeLessThan(1e-9);
    expect(Math.abs((icc21_ci95?.[0] ?? 0) - 0.6877139759049303)).toBeLessThan(1e-9);
    expect(Math.abs((icc21_ci95?.[1] ?? 0) - 0.9718581170209276)).toBeLessThan(1e-9);
    expect([complete, words, checks]).toEqual([9, 'middling', []]);
  });

  it('is one where all say the same of every item, and absent where there is nothing to agree about', () => {
    expect(agreement({ ratings: [1, 4, 9].map((v) => [v, v]) })).toMatchObject({ icc21: 1, icc21_ci95: [1, 1] });
    expect(
      agreement({
        ratings: [
          [5, 5],
          [5, 5],
        ],
      }),
    ).toMatchObject({
      meanAbsoluteDifference: 0,
      checks: [{ code: 'no-spread' }],
    });
  });

  it('shows who leans which way, missing ratings notwithstanding', () => {
    const { lean } = agreement({
      ratings: [
        [5, 7],
        [6, null],
      ],
    });
    expect(lean).toEqual([-0.5, 1]);
  });

  it.each([
    [[[4], [6]], 'one-rater'],
    [[[4, 5]], 'no-items'],
    [
      [
        [4, 5],
        [6, 6],
        [3, 2],
      ],
      'few-items',
    ],
  ])('says why it tells little: %j', (ratings, code) => {
    expect(agreement({ ratings }).checks[0]?.code).toBe(code);
  });

  it('refuses a rater who rated nothing', () => {
    expect(() =>
      agreement({
        ratings: [
          [1, null],
          [3, null],
        ],
      }),
    ).toThrow(/rater 2 rated nothing/);
  });

  it('refuses rows of different length', () => {
    expect(() => agreement({ ratings: [[1, 2], [3]] })).toThrow(/has 1 ratings where the first has 2/);
  });
});
