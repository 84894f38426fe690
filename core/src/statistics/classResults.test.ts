import { describe, expect, it } from 'vitest';
import { seededRandom } from '../scoring';
import { fQuantile, groupConsistency, intervalScore, noncentralFBelow, repeatability, replicatesNeeded } from '.';

const THREE = [
  [10, 12],
  [14, 16],
  [12, 14],
];

const normals = (seed: number): (() => number) => {
  const random = seededRandom(seed);
  return () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
};

describe('repeatability and reproducibility', () => {
  it('of a balanced case by hand', () => {
    // Means 11, 15, 13; within 2; between 2 x (4 + 4 + 0) / 2 = 8; from group to group (8 - 2) / 2 = 3.
    const { r, R, sr, sR, sL, mean } = repeatability({ groups: THREE });
    expect([sr ** 2, sR ** 2, sL ** 2, mean].map((one) => Number(one.toFixed(10)))).toEqual([2, 5, 3, 13]);
    expect(r).toBeCloseTo(2.8 * Math.SQRT2, 12);
    expect(R).toBeCloseTo(2.8 * Math.sqrt(5), 12);
  });

  it('lets a group of one say where it lies, and nothing of its own scatter', () => {
    // Sizes 2, 2, 1: n = (5 - 9 / 5) / 2 = 1.6; mean 13.2; within (2 + 2) / 2 = 2.
    const { sr, sL, mean } = repeatability({ groups: [[10, 12], [14, 16], [14]] });
    const between = (2 * 2.2 ** 2 + 2 * 1.8 ** 2 + 0.8 ** 2) / 2;
    expect(mean).toBeCloseTo(13.2, 12);
    expect(sr ** 2).toBeCloseTo(2, 12);
    expect(sL ** 2).toBeCloseTo((between - 2) / 1.6, 12);
  });

  it('is never less between groups than within one', () => {
    const { r, R, sL } = repeatability({
      groups: [
        [10, 14],
        [11, 13],
        [9, 15],
      ],
    });
    expect(sL).toBe(0);
    expect(R).toBe(r);
  });

  it('finds both spreads again in many groups of unequal size', () => {
    const normal = normals(11);
    const groups = Array.from({ length: 3000 }, (_, i) => {
      const level = 0.25 + 0.02 * normal();
      return Array.from({ length: 2 + (i % 3) }, () => level + 0.01 * normal());
    });
    const { sr, sL, checks } = repeatability({ groups });
    expect(sr).toBeCloseTo(0.01, 3);
    expect(sL).toBeCloseTo(0.02, 3);
    expect(checks).toEqual([]);
  });

  it.each([
    [[[1, 2]], /two groups/],
    [[[1, 2], []], /empty group/],
    [[[1], [2]], /one value/],
    [
      [
        [1, 2],
        [3, Number.NaN],
      ],
      /finite/,
    ],
  ])('refuses %j', (groups, why) => {
    expect(() => repeatability({ groups })).toThrow(why);
    expect(() => groupConsistency({ groups })).toThrow(why);
  });
});

describe('groups that stand apart', () => {
  it('have h and k as by hand', () => {
    const { groups, median } = groupConsistency({ groups: THREE });
    expect(groups.map(({ h }) => h)).toEqual([-1, 1, 0]);
    for (const { k } of groups) expect(k).toBeCloseTo(1, 12);
    expect(median).toBe(13);
    // The deviations from the median are 2, 2, 0: their middle is 2.
    expect(groups[1]?.robustZ).toBeCloseTo(1 / 1.482602218505602, 12);
  });

  it('are told by their mean, or by their scatter', () => {
    const quiet = [0.3, 0.31, 0.305, 0.3, 0.308, 0.302, 0.306].map((at) => [at - 0.004, at, at + 0.004]);
    const packed = groupConsistency({ groups: [...quiet, [0.2, 0.204, 0.196]] });
    expect(packed.groups.map(({ meanStands }) => meanStands)).toEqual([...quiet.map(() => undefined), 'outlier']);
    expect(Math.abs(packed.groups[7]?.robustZ ?? 0)).toBeGreaterThan(10);
    const wild = groupConsistency({ groups: [...quiet, [0.27, 0.304, 0.338]] });
    expect(wild.groups[7]).toMatchObject({ scatterStands: 'outlier' });
    expect(wild.groups[7]?.meanStands).toBeUndefined();
  });

  it('pass their limits as often by chance as these say', () => {
    const normal = normals(3);
    const [p, n, rounds] = [6, 3, 3000];
    let [means, scatters, far] = [0, 0, 0];
    for (let round = 0; round < rounds; round += 1) {
      const groups = Array.from({ length: p }, () => Array.from({ length: n }, normal));
      for (const { meanStands, scatterStands } of groupConsistency({ groups }).groups) {
        if (meanStands !== undefined) means += 1;
        if (meanStands === 'outlier') far += 1;
        if (scatterStands !== undefined) scatters += 1;
      }
    }
    const all = p * rounds;
    expect(means / all).toBeGreaterThan(0.045);
    expect(means / all).toBeLessThan(0.055);
    expect(far / all).toBeGreaterThan(0.008);
    expect(far / all).toBeLessThan(0.012);
    expect(scatters / all).toBeGreaterThan(0.045);
    expect(scatters / all).toBeLessThan(0.055);
  });

  it('say nothing where nothing can be said', () => {
    const alike = groupConsistency({
      groups: [
        [1, 1],
        [1, 1],
        [1, 1],
      ],
    });
    expect(alike.groups[0]).toEqual({ mean: 1, sd: 0 });
    const two = groupConsistency({
      groups: [
        [1, 2],
        [3, 4],
      ],
    });
    expect(two.hLimits).toBeUndefined();
    expect(two.checks.map(({ code }) => code)).toEqual(['few-groups']);
  });
});

describe('a guess with a margin', () => {
  it('costs its width, and more where it misses', () => {
    const guesses = [
      { guess: 25, margin: 10 },
      { guess: 25, margin: 2 },
      { guess: 30, margin: 0 },
    ];
    const { scores, order, honest } = intervalScore({ guesses, value: 30 });
    expect(scores.map(({ score }) => Number(score.toFixed(9)))).toEqual([20, 34, 0]);
    expect(scores.map(({ off, isHonest }) => [off, isHonest])).toEqual([
      [5, true],
      [5, false],
      [0, true],
    ]);
    expect(order).toEqual([2, 0, 1]);
    expect(honest).toBeCloseTo(2 / 3, 12);
  });

  it('is best for whoever says what they believe', () => {
    // Somebody is off by a normal amount of SD 1: the margin that holds 80 % of it scores best on average.
    const normal = normals(8);
    const truths = Array.from({ length: 20_000 }, normal);
    const cost = (margin: number): number =>
      truths.reduce(
        (sum, value) => sum + (intervalScore({ guesses: [{ guess: 0, margin }], value }).scores[0]?.score ?? 0),
        0,
      );
    const believed = 1.2816;
    expect(cost(believed)).toBeLessThan(cost(believed - 0.3));
    expect(cost(believed)).toBeLessThan(cost(believed + 0.3));
  });

  it.each([
    [{ guesses: [], value: 1 }, /nothing was guessed/],
    [{ guesses: [{ guess: 1, margin: -1 }], value: 1 }, /margin/],
    [{ guesses: [{ guess: 1, margin: 1 }], value: 1, level: 1 }, /between 0 and 1/],
  ])('refuses %j', (input, why) => {
    expect(() => intervalScore(input)).toThrow(why);
  });
});

describe('replicates that are needed', () => {
  it('are seventeen for one standard deviation between two groups, as printed everywhere', () => {
    const { perGroup, power } = replicatesNeeded({ sd: 1, difference: 1, groups: 2 });
    expect(perGroup).toBe(17);
    expect(power).toBeGreaterThan(0.8);
  });

  it('are the smallest that are enough, whatever the unit', () => {
    for (const [difference, groups] of [
      [0.5, 2],
      [1.4, 3],
      [2, 6],
    ] as const) {
      const { perGroup } = replicatesNeeded({ sd: 1, difference, groups });
      expect(replicatesNeeded({ sd: 0.03, difference: 0.03 * difference, groups }).perGroup).toBe(perGroup);
      expect(replicatesNeeded({ sd: 1, difference, groups, power: 0.95 }).perGroup).toBeGreaterThan(perGroup);
    }
  });

  it('give the power that they promise', () => {
    // One-way analyses of variance of six trials a group, two means 1.5 apart and one midway, against the central F.
    const { perGroup, power } = replicatesNeeded({ sd: 1, difference: 1.5, groups: 3 });
    const normal = normals(21);
    const limit = fQuantile(0.95, 2, 3 * (perGroup - 1));
    const rounds = 4000;
    let seen = 0;
    for (let round = 0; round < rounds; round += 1) {
      const groups = [0, 0.75, 1.5].map((mean) => Array.from({ length: perGroup }, () => mean + normal()));
      const means = groups.map((values) => values.reduce((a, b) => a + b, 0) / perGroup);
      const grand = means.reduce((a, b) => a + b, 0) / 3;
      const between = (perGroup * means.reduce((sum, mean) => sum + (mean - grand) ** 2, 0)) / 2;
      const within =
        groups.reduce((sum, values, i) => sum + values.reduce((s, value) => s + (value - (means[i] ?? 0)) ** 2, 0), 0) /
        (3 * (perGroup - 1));
      if (between / within > limit) seen += 1;
    }
    expect(Math.abs(seen / rounds - power)).toBeLessThan(0.02);
  });

  it.each([
    [{ sd: 0, difference: 1, groups: 2 }, /sd/],
    [{ sd: 1, difference: 1, groups: 1 }, /2 to 100 groups/],
    [{ sd: 1, difference: 1, groups: 2, power: 1.2 }, /between 0 and 1/],
    [{ sd: 1, difference: 1, groups: 2, power: 0.05 }, /above alpha/],
  ])('refuses %j', (input, why) => {
    expect(() => replicatesNeeded(input)).toThrow(why);
  });

  it('end at ten thousand with a word', () => {
    const { perGroup, checks } = replicatesNeeded({ sd: 1, difference: 0.001, groups: 2 });
    expect(perGroup).toBe(10_000);
    expect(checks.map(({ code }) => code)).toEqual(['too-fine']);
  });
});

describe('the noncentral F', () => {
  it('is the central one without noncentrality', () => {
    for (const [df1, df2] of [
      [1, 10],
      [3, 24],
      [5, 500],
    ] as const)
      expect(noncentralFBelow(fQuantile(0.95, df1, df2), df1, df2, 0)).toBeCloseTo(0.95, 10);
  });

  it('moves up with noncentrality, to nothing in the end', () => {
    const below = [0, 1, 5, 20, 200, 3000].map((lambda) => noncentralFBelow(4, 2, 30, lambda));
    expect([...below].sort((a, b) => b - a)).toEqual(below);
    expect(below.at(-1)).toBeLessThan(1e-12);
  });
});
