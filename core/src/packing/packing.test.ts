import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { blendPacking, classDiameters_mm, preparePacking, virtualPacking, type Grains } from '.';
import { interaction, yieldingOf } from './interaction';
import { solvePacking } from './solvePacking';

const gravel: Grains = { packing: 0.58, d50_mm: 10, spread: 1.4, softness: 0 };
const sand: Grains = { packing: 0.6, d50_mm: 0.4, spread: 1.8, softness: 0 };
const peat: Grains = { packing: 0.52, d50_mm: 1.2, spread: 3, softness: 0.3 };

const mixed = (parts: readonly number[], grains: readonly Grains[]): number =>
  blendPacking(preparePacking(grains, 1), parts);

describe('grain packing', () => {
  it('five classes of equal volume: 10, 30, 50, 70 and 90 % of a log-normal distribution', () => {
    const diameters = classDiameters_mm({ ...gravel, d50_mm: 8, spread: 2 });
    expect(diameters[2]).toBe(8);
    expect(diameters[4]).toBeCloseTo(8 * 2 ** 1.2815516, 6);
    expect((diameters[0] as number) * (diameters[4] as number)).toBeCloseTo(64, 9);
  });

  it('a single size packs at beta / (1 + 1/K), so its beta is 1.244 of its packing', () => {
    expect(virtualPacking({ packing: 0.6, d50_mm: 2, spread: 1, softness: 0 })).toBeCloseTo(0.6 * (1 + 1 / 4.1), 9);
  });

  it('a component alone packs at its own packing', () => {
    for (const grains of [gravel, sand, peat]) expect(mixed([3], [grains])).toBeCloseTo(grains.packing, 12);
  });

  it('a line split in two changes nothing', () => {
    expect(mixed([1, 2, 3], [gravel, gravel, sand])).toBeCloseTo(mixed([3, 3], [gravel, sand]), 12);
  });

  it('the order of lines does not matter', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.1, max: 9, noNaN: true }), { minLength: 3, maxLength: 3 }),
        ([a, b, c]) => {
          const one = mixed([a as number, b as number, c as number], [gravel, sand, peat]);
          const other = mixed([c as number, a as number, b as number], [peat, gravel, sand]);
          return Math.abs(one - other) < 1e-12;
        },
      ),
    );
  });

  it('a component without volume does not count', () => {
    expect(mixed([2, 1, 0], [gravel, sand, peat])).toBeCloseTo(mixed([2, 1], [gravel, sand]), 12);
  });

  it('reaches the limit of grains a million times finer: both virtual packings are then Furnas’s', () => {
    const coarse: Grains = { packing: 0.6, d50_mm: 1000, spread: 1, softness: 0 };
    const fine: Grains = { ...coarse, d50_mm: 1e-9 };
    const beta = virtualPacking(coarse);
    const share = 0.3;
    const expected = solvePacking(
      [(1 - share) / beta, share / beta],
      [(1 - share) / beta, (1 - (1 - beta) * (1 - share)) / beta],
    );
    // a of 1e-12 is 1e-6, so the limit is met to about that.
    expect(mixed([1 - share, share], [coarse, fine])).toBeCloseTo(expected, 5);
  });

  it('sand in gravel packs more densely than either; soft grains spare less of each other', () => {
    expect(mixed([2, 1], [gravel, sand])).toBeGreaterThan(0.6);
    const rigid = mixed([1, 1], [gravel, { ...peat, softness: 0 }]);
    const soft = mixed([1, 1], [gravel, { ...peat, softness: 1 }]);
    expect(soft).not.toBeCloseTo(rigid, 4);
  });

  it('solves the packing equation it states', () => {
    const loads = [0.5, 0.9, 0.2];
    const inverseGammas = [1.2, 1.4, 1.1];
    const phi = solvePacking(loads, inverseGammas);
    const sum = loads.reduce((total, load, i) => total + load / (1 / phi - (inverseGammas[i] as number)), 0);
    expect(sum).toBeCloseTo(4.1, 9);
    expect(phi).toBeLessThan(1 / 1.4);
  });
});

describe('how one size disturbs another', () => {
  const grain = { beta: 0.6 };
  const rigid = { most: 0, fades: false };

  it('is worked out by hand for a tenth of the size: loosening sqrt(1 - 0.9^1.02), wall 1 - 0.9^1.5', () => {
    const coarse = { ...grain, d_mm: 10 };
    const fine = { ...grain, d_mm: 1 };
    // Equal betas: 1 - a where the finer is met, 1 - beta + b beta (1 - 1/beta) where the coarser is.
    expect(interaction(coarse, fine, rigid)).toBeCloseTo(1 - Math.sqrt(1 - 0.9 ** 1.02), 12);
    expect(interaction(fine, coarse, rigid)).toBeCloseTo(1 - 0.6 + (1 - 0.9 ** 1.5) * 0.6 * (1 - 1 / 0.6), 12);
    expect(interaction(coarse, fine, rigid)).toBeCloseTo(0.6808, 4);
  });

  it('is nothing between grains of one size, and whole where one is vanishingly small', () => {
    expect(interaction({ ...grain, d_mm: 3 }, { ...grain, d_mm: 3 }, rigid)).toBeCloseTo(0, 12);
    expect(interaction({ ...grain, d_mm: 1e6 }, { ...grain, d_mm: 1e-6 }, rigid)).toBeCloseTo(1, 5);
  });

  it('yields between soft and hard grains, never within one component', () => {
    const yielding = yieldingOf({ ...sand, softness: 0 }, { ...sand, softness: 0.5 }, 1);
    expect(interaction({ ...grain, d_mm: 10 }, { ...grain, d_mm: 1 }, yielding)).toBeCloseTo(
      1 - 0.5 * Math.sqrt(1 - 0.9 ** 1.02),
      12,
    );
  });
});

describe('soft grains beside hard ones, by the second physics', () => {
  const mixed2 = (grains: readonly Grains[]): number => blendPacking(preparePacking(grains, 2), [1, 1]);
  const soft: Grains = { ...peat, softness: 1 };

  it('of one size and shape settle no more than two hard ones do', () => {
    expect(mixed2([{ ...peat, softness: 0 }, soft])).toBeCloseTo(peat.packing, 12);
    // By the first they would, by a tenth, though nobody has measured it.
    expect(blendPacking(preparePacking([{ ...peat, softness: 0 }, soft], 1), [1, 1])).toBeGreaterThan(
      1.05 * peat.packing,
    );
  });

  it('yield as before where they are far apart in size', () => {
    const far: Grains = { ...soft, d50_mm: 1e-5, spread: 1.01 };
    const first = blendPacking(preparePacking([gravel, far], 1), [1, 1]);
    expect(mixed2([gravel, far])).toBeCloseTo(first, 4);
  });

  it('have no jump where one size passes the other', () => {
    const at = (d50_mm: number): number =>
      mixed2([
        { ...gravel, d50_mm: 2, spread: 1.05 },
        { ...soft, d50_mm, spread: 1.05 },
      ]);
    for (let d50_mm = 1.6; d50_mm < 2.5; d50_mm += 0.02)
      expect(Math.abs(at(d50_mm + 1e-7) - at(d50_mm - 1e-7)), String(d50_mm)).toBeLessThan(1e-4);
    expect(Math.abs(at(2 + 1e-9) - at(2 - 1e-9))).toBeLessThan(1e-4);
  });
});
