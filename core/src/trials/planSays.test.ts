import { describe, expect, it } from 'vitest';
import { darkGreen, growthRatio, planChecks, planSays, trialPower, unitsOfEach } from '.';
import { SMALL_PLAN } from './fixtures/smallTrial';
import { paledAt, slowedAt } from './turned';

describe('what a plan can tell before it is sown', () => {
  it('is said as a chance, and with what would be enough', () => {
    const said = planSays({ ...SMALL_PLAN, asks: { trait: 'height', difference: 4, sd: 3 } });
    expect(said?.power).toBeLessThan(0.8);
    expect(said?.sentence).toMatch(/A difference of 4 mm shows in \d+ of 100 such trials: too small to tell/);
    expect(said?.sentence).toContain(`It takes ${String(said?.perGroupNeeded)} of each`);
  });

  it('is enough where it is', () => {
    expect(planSays(SMALL_PLAN)?.sentence).toMatch(/over 99 of 100 such trials: enough of each|: enough of each/);
  });

  it('is nothing with one of each, however large the difference', () => {
    const said = planSays({ ...SMALL_PLAN, blocks: 1, asks: { trait: 'height', difference: 1000, sd: 1 } });
    expect(said?.power).toBeUndefined();
    expect(said?.sentence).toMatch(/One of each medium: it will show figures and tell nothing/);
  });

  it('counts how often each stands where blocks have no room for all', () => {
    expect(unitsOfEach({ ...SMALL_PLAN, blocks: 9, perBlock: 2 })).toBe(6);
  });

  it('warns of one block, of a reference without a medium, of more plants than seeds', () => {
    expect(planChecks(SMALL_PLAN)).toEqual([]);
    const [species] = SMALL_PLAN.species;
    const bad = {
      ...SMALL_PLAN,
      blocks: 1,
      arms: SMALL_PLAN.arms.map((arm) => (arm.key === 'a' ? { ...arm, mediumKind: 'none' as const } : arm)),
      species: species === undefined ? [] : [{ ...species, plants: 20 }],
    };
    expect(planChecks(bad).map(({ code }) => code)).toEqual(['no-reference', 'few-seeds', 'no-blocks']);
  });
});

describe('power', () => {
  it('is the one-way analysis’ own without blocks', () => {
    const { power, perGroupNeeded } = trialPower({
      of: 'means',
      groups: 2,
      perGroup: 17,
      inBlocks: false,
      sd: 1,
      difference: 1,
    });
    expect(power).toBeCloseTo(0.807, 3);
    expect(perGroupNeeded).toBe(17);
  });

  it('of the least difference is the one that was wanted', () => {
    const plan = { of: 'means', groups: 4, perGroup: 5, inBlocks: true, sd: 6 } as const;
    const { leastDifference = 0 } = trialPower({ ...plan, difference: 3 });
    expect(trialPower({ ...plan, difference: leastDifference }).power).toBeCloseTo(0.8, 6);
  });

  it('falls where seeds of one tray are alike', () => {
    const plan = {
      of: 'shares',
      groups: 2,
      perGroup: 6,
      inBlocks: false,
      share: 0.8,
      otherShare: 0.6,
      seeds: 30,
    } as const;
    const [alone, alike] = [0, 0.2].map((likeness) => trialPower({ ...plan, likeness }).power ?? 0) as [number, number];
    expect(alike).toBeLessThan(alone - 0.2);
  });

  it.each([
    [{ groups: 1 }, 'groups'],
    [{ perGroup: 2.5 }, 'perGroup'],
    [{ sd: 0 }, 'sd'],
    [{ difference: -1 }, 'difference'],
    [{ power: 0.04 }, 'power'],
  ])('refuses %o', (bad, path) => {
    const plan = { of: 'means' as const, groups: 3, perGroup: 4, inBlocks: true, sd: 1, difference: 1, ...bad };
    expect(() => trialPower(plan)).toThrow(new RegExp(`invalid ${path}`));
  });

  it.each([
    [{ share: 1.2 }, 'share'],
    [{ seeds: 0 }, 'seeds'],
    [{ likeness: 2 }, 'likeness'],
  ])('of shares refuses %o', (bad, path) => {
    const plan = {
      of: 'shares' as const,
      groups: 2,
      perGroup: 4,
      inBlocks: true,
      share: 0.8,
      otherShare: 0.5,
      seeds: 10,
    };
    expect(() => trialPower({ ...plan, ...bad })).toThrow(new RegExp(`invalid ${path}`));
  });
});

describe('the ratio to the reference', () => {
  const groups = (a: number[], r: number[]) => [
    { name: 'R', values: r, block: r.map((_, i) => String(i)) },
    { name: 'A', values: a, block: a.map((_, i) => String(i)) },
  ];

  it('is of means, its error from within the blocks', () => {
    const { media } = growthRatio({
      reference: 'R',
      species: [{ name: 's', weight: 1, groups: groups([15, 25], [10, 10]) }],
    });
    expect(media).toEqual([{ name: 'A', ratio: 2, se: 0.5, species: [{ name: 's', ratio: 2, se: 0.5 }] }]);
  });

  it('weighs the species as it is told to', () => {
    const { media } = growthRatio({
      reference: 'R',
      species: [
        { name: 'x', weight: 3, groups: groups([20, 20], [10, 10]) },
        { name: 'y', weight: 1, groups: groups([10, 10], [10, 10]) },
      ],
    });
    expect(media[0]?.ratio).toBeCloseTo(1.75, 12);
  });

  it('has a dead plot as nothing, and no ratio to a reference that did not grow', () => {
    const one = (a: number[], r: number[]) =>
      growthRatio({ reference: 'R', species: [{ name: 's', weight: 1, groups: groups(a, r) }] });
    expect(one([0, 20], [10, 10]).media[0]?.ratio).toBe(1);
    expect(() => one([1, 2], [0, 0])).toThrow(/nothing of s grew in R/);
    expect(() => one([-1, 2], [1, 1])).toThrow(/0 or more/);
  });
});

describe('when it turned', () => {
  const at = (values: readonly number[]) => values.map((value, i) => ({ age_d: 7 * (i + 1), value }));

  it('is the age from which on the colour stays a step lower', () => {
    expect(paledAt(at([5, 5, 5, 3.8, 3.5]))).toBe(28);
    expect(paledAt(at([5, 3.5, 5, 5]))).toBeUndefined();
    expect(paledAt(at([4]))).toBeUndefined();
  });

  it('is the age from which on it grew at less than half the rate of the other', () => {
    expect(slowedAt(at([10, 20, 30, 32, 33]), at([10, 20, 30, 40, 50]))).toBe(21);
    expect(slowedAt(at([5, 6, 7, 8]), at([10, 20, 30, 40]))).toBeUndefined();
    expect(slowedAt(at([10, 20, 30]), at([10, 20, 30]))).toBeUndefined();
  });
});

describe('green of a photo', () => {
  it('is dark where leaves are, pale where they are yellow', () => {
    const [dark, pale] = [darkGreen({ red: 40, green: 90, blue: 40 }), darkGreen({ red: 200, green: 200, blue: 60 })];
    expect(dark.index).toBeGreaterThan(0.65);
    expect(pale.index).toBeLessThan(0.3);
    expect(() => darkGreen({ red: 300, green: 0, blue: 0 })).toThrow(/red/);
  });
});
