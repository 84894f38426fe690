import { describe, expect, it } from 'vitest';
import { blend } from '../blend';
import { findTargetProfile } from '../classes';
import { classComponent } from '../testing/classComponent';
import {
  countRecipes,
  lossOf,
  recipeSearch,
  recipeSearchSteps,
  RecipeWalk,
  type RecipeSearchInput,
  type RecipeSearchResult,
} from '.';

const container = { height_cm: 15 };
const ids = ['bark-fine', 'coir-pith', 'pumice-coarse', 'compost-green'] as const;
const prices = [0.15, 0.3, 0.35, 0.08];
const components = ids.map((id, i) => ({ ...classComponent(id), pricePerL: prices[i] as number }));
const targets = (findTargetProfile('foliage-indoor')?.targets ?? []).map(({ property, ideal, limits, weight }) => ({
  property,
  ideal,
  limits,
  weight,
}));
const input: RecipeSearchInput = { components, parts: 6, container, targets };
const search = (more: Partial<RecipeSearchInput> = {}): RecipeSearchResult => recipeSearch({ ...input, ...more });

function everyRecipe(more: Partial<RecipeSearchInput> = {}): number[][] {
  const all: number[][] = [];
  const walk = new RecipeWalk({ ...input, ...more });
  while (walk.next()) all.push([...walk.parts]);
  return all;
}

describe('the loss of a recipe', () => {
  const air = { property: 'air', ideal: [0.3, 0.4], limits: [0.2, 0.6], weight: 3 } as const;
  const pH = { property: 'pH', ideal: [5, 6], limits: [4, 7], weight: 1 } as const;

  it('is the misses by their weights, whatever the weights add up to', () => {
    expect(lossOf({ air: 0.25, pH: 5.5 }, [air, pH])).toBeCloseTo(0.375, 12);
    expect(
      lossOf({ air: 0.25, pH: 5.5 }, [
        { ...air, weight: 30 },
        { ...pH, weight: 10 },
      ]),
    ).toBeCloseTo(0.375, 12);
    expect(lossOf({ air: 0.35, pH: 5.5 }, [air, pH])).toBe(0);
  });

  it('counts what the blend lacks as a whole miss, and as a broken must', () => {
    expect(lossOf({ air: 0.25 }, [air, pH])).toBeCloseTo((3 * 0.5 + 1) / 4, 12);
    expect(lossOf({ air: 0.25 }, [air, { ...pH, must: true }])).toBeUndefined();
    expect(lossOf({ air: 0.61, pH: 5.5 }, [{ ...air, must: true }, pH])).toBeUndefined();
  });
});

describe('every recipe', () => {
  it('is tried once: 84 ways to share 6 parts among 4, 50,388 for 12 among 8', () => {
    const all = everyRecipe();
    expect(all).toHaveLength(84);
    expect(new Set(all.map(String)).size).toBe(84);
    expect(all.every((parts) => parts.reduce((a, b) => a + b, 0) === 6)).toBe(true);
    expect(countRecipes({ ...input, parts: 12, components: [...components, ...components] })).toBe(50388);
  });

  it('keeps to the limits of each component', () => {
    const limited = components.map((one, i) => ({
      ...one,
      ...(i === 0 ? { minParts: 2 } : {}),
      ...(i === 3 ? { maxParts: 1 } : {}),
    }));
    const all = everyRecipe({ components: limited });
    expect(all.every((parts) => (parts[0] as number) >= 2 && (parts[3] as number) <= 1)).toBe(true);
    expect(all).toHaveLength(countRecipes({ ...input, components: limited }));
  });

  it.each([
    [
      [0, 0, 0, 0],
      [6, 6, 6, 6],
    ],
    [
      [1, 0, 2, 0],
      [3, 1, 6, 6],
    ],
    [
      [0, 0, 0, 0],
      [2, 2, 2, 0],
    ],
    [
      [2, 0, 0, 4],
      [6, 0, 6, 6],
    ],
    [
      [0, 1, 1, 0],
      [1, 2, 2, 2],
    ],
  ])('comes in order, whatever the limits: least %j, most %j', (least, most) => {
    const counted: number[][] = [];
    const [a = 0, b = 0, c = 0, d = 0] = most;
    for (let i = a; i >= 0; i -= 1)
      for (let j = b; j >= 0; j -= 1)
        for (let k = c; k >= 0; k -= 1) {
          const all = [i, j, k, 6 - i - j - k];
          if ((all[3] as number) <= d && all.every((own, at) => own >= (least[at] as number))) counted.push(all);
        }
    const limited = components.map((one, i) => ({
      ...one,
      minParts: least[i] as number,
      maxParts: most[i] as number,
    }));
    expect(everyRecipe({ components: limited })).toEqual(counted);
  });
});

describe('the search', () => {
  it('equals trying each recipe through blend', () => {
    const { recipes, evaluated } = search({ keep: 84 });
    expect(evaluated).toBe(84);
    const byHand = everyRecipe()
      .map((parts) => {
        const result = blend({
          components: components.map((one, i) => ({ ...one, volume: parts[i] as number })),
          container,
          model: 'packing',
        });
        return { parts, loss: lossOf(result, targets) as number, air: result.air };
      })
      .sort((a, b) => a.loss - b.loss);
    expect(recipes.map((one) => one.loss)).toEqual(byHand.map((one) => expect.closeTo(one.loss, 9) as number));
    expect(recipes[0]?.parts).toEqual(byHand[0]?.parts);
    expect(recipes[0]?.air).toBeCloseTo(byHand[0]?.air as number, 9);
  });

  it('keeps the best few, best first', () => {
    const few = search({ keep: 5 }).recipes;
    expect(few).toHaveLength(5);
    expect(few).toEqual(search({ keep: 84 }).recipes.slice(0, 5));
  });

  it('draws the front of price against fit: nothing is cheaper and better than what stands on it', () => {
    const { front, recipes } = search({ keep: 84 });
    for (const point of front) {
      expect(
        recipes.some((one) => (one.pricePerL as number) < point.price - 1e-12 && one.loss < point.loss - 1e-12),
      ).toBe(false);
    }
    expect(front.map((one) => one.price)).toEqual([...front.map((one) => one.price)].sort((a, b) => a - b));
    expect(front.map((one) => one.loss)).toEqual([...front.map((one) => one.loss)].sort((a, b) => b - a));
    expect(front.at(-1)?.loss).toBe(recipes[0]?.loss);
  });

  it('rejects what breaks a must, but has tried it', () => {
    const must = [
      ...targets,
      { property: 'air', ideal: [0.3, 0.4], limits: [0.28, 0.5], weight: 1, must: true } as const,
    ];
    const { recipes, evaluated } = search({ targets: must, keep: 84 });
    expect(evaluated).toBe(84);
    expect(recipes.length).toBeGreaterThan(0);
    expect(recipes.every((one) => one.air >= 0.28 && one.air <= 0.5)).toBe(true);
  });

  it('counts a property that is lacking as a miss of 1, and says so', () => {
    const { pH, ...unknown } = components[0] as (typeof components)[number];
    expect(pH).toBeDefined();
    const result = search({ components: [unknown, ...components.slice(1)], keep: 84 });
    expect(result.checks.map((check) => check.code)).toEqual(['property-lacking']);
    const only = search({
      components: [unknown, ...components.slice(1)],
      targets: [{ property: 'pH', ideal: [0, 14], limits: [0, 14], weight: 1 }],
      keep: 84,
    });
    expect(only.recipes.find((one) => one.parts[0] === 6)?.loss).toBe(1);
    expect(only.recipes.find((one) => one.parts[0] === 0)?.loss).toBe(0);
  });

  it('in steps finds the same, and tells how far it is', () => {
    const steps = recipeSearchSteps({ ...input, parts: 16 });
    const told: number[] = [];
    let step = steps.next();
    for (; step.done !== true; step = steps.next()) told.push(step.value);
    expect(told).toEqual([512 / 969]);
    expect(step.value).toEqual(search({ parts: 16 }));
  });

  it.each<[string, Partial<RecipeSearchInput>, RegExp]>([
    ['half a part', { parts: 2.5 }, /invalid parts/],
    ['limits that cannot be met', { components: components.map((one) => ({ ...one, minParts: 2 })) }, /invalid parts/],
    [
      'an unknown property',
      { targets: [{ property: 'colour', ideal: [0, 1], limits: [0, 1], weight: 1 }] },
      /unknown targets\[0\]\.property/,
    ],
    ['no target', { targets: [] }, /invalid targets/],
    ['weights of nothing', { targets: targets.map((one) => ({ ...one, weight: 0 })) }, /all weights are 0/],
    [
      'more than a maximum',
      { components: components.map((one) => ({ ...one, minParts: 3, maxParts: 2 })) },
      /components\[0\]\.minParts/,
    ],
  ])('refuses %s', (_, more, message) => {
    expect(() => search(more)).toThrow(message);
  });
});
