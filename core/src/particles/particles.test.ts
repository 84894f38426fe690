import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { settlingTime, sieve, texture } from '.';

const STACK = [
  { opening_mm: 4, retained_g: 10 },
  { opening_mm: 2, retained_g: 30 },
  { opening_mm: 1, retained_g: 30 },
  { opening_mm: 0.5, retained_g: 18 },
  { opening_mm: 0, retained_g: 12 },
];

describe('a stack of sieves', () => {
  const result = sieve({ sample_g: 100, sieves: STACK });
  it('passes what lies on the finer ones', () => {
    expect(result.passing.map((one) => one.fraction)).toEqual(
      [0.9, 0.6, 0.3, 0.12].map((x) => expect.closeTo(x, 12) as number),
    );
    expect(result.fines).toBeCloseTo(0.12, 12);
    expect(result.loss).toBeCloseTo(0, 12);
  });

  it('reads percentiles on log size: half passes 2/3 of the way from 1 to 2 mm', () => {
    expect(result.d50_mm).toBeCloseTo(2 ** (2 / 3), 12);
    expect(result.d84_mm).toBeCloseTo(2 * 2 ** 0.8, 12);
    expect(result.d16_mm).toBeCloseTo(0.5 * 2 ** (0.04 / 0.18), 12);
    expect(result.spread).toBeCloseTo(Math.sqrt((result.d84_mm as number) / (result.d16_mm as number)), 12);
  });

  it('does not mind the order of the sieves', () => {
    expect(sieve({ sample_g: 100, sieves: [...STACK].reverse() })).toEqual(result);
  });

  it('never guesses outside the stack', () => {
    const coarse = sieve({
      sample_g: 100,
      sieves: [
        { opening_mm: 2, retained_g: 20 },
        { opening_mm: 1, retained_g: 10 },
        { opening_mm: 0, retained_g: 70 },
      ],
    });
    expect(coarse).not.toHaveProperty('d50_mm');
    expect(coarse).not.toHaveProperty('fines');
    expect(coarse.checks.map((check) => check.message)).toContain('d50 is below 1 mm; another sieve would tell it.');
  });

  it('counts the loss: 2 % is allowed, over 5 % has failed', () => {
    const codes = (sample_g: number) =>
      sieve({ sample_g, sieves: STACK }).checks.map((check) => `${check.code} ${check.severity}`);
    expect(codes(101)).toEqual([]);
    expect(codes(103)).toEqual(['sieve-loss caution']);
    expect(codes(106)).toEqual(['sieve-loss fault']);
    expect(codes(90)).toEqual(['sieve-loss fault']);
  });

  it.each([
    [
      'one sieve',
      [
        { opening_mm: 2, retained_g: 20 },
        { opening_mm: 0, retained_g: 20 },
      ],
      /invalid sieves/,
    ],
    ['a sieve twice', [...STACK, { opening_mm: 2, retained_g: 1 }], /sieves\[5\]\.opening_mm/],
    ['nothing at all', STACK.map((one) => ({ ...one, retained_g: 0 })), /nothing was recovered/],
    ['a negative mass', [{ opening_mm: 2, retained_g: -1 }, ...STACK.slice(2)], /sieves\[0\]\.retained_g/],
  ])('refuses %s', (_, sieves, message) => {
    expect(() => sieve({ sample_g: 100, sieves })).toThrow(message);
  });
});

describe('texture', () => {
  // Corners and borders read off the triangle of the Soil Survey Manual (2017), figure 3-16, percent sand, silt, clay.
  it.each([
    [100, 0, 0, 'sand'],
    [90, 5, 5, 'sand'],
    [85, 15, 0, 'loamy sand'],
    [86, 14, 0, 'sand'],
    [70, 30, 0, 'sandy loam'],
    [71, 29, 0, 'loamy sand'],
    [85, 0, 15, 'sandy loam'],
    [65, 25, 10, 'sandy loam'],
    [52, 41, 7, 'loam'],
    [53, 40, 7, 'sandy loam'],
    [45, 49, 6, 'sandy loam'],
    [40, 40, 20, 'loam'],
    [23, 50, 27, 'clay loam'],
    [20, 53, 27, 'silty clay loam'],
    [24, 50, 26, 'silt loam'],
    [45, 28, 27, 'clay loam'],
    [46, 27, 27, 'sandy clay loam'],
    [50, 50, 0, 'silt loam'],
    [20, 80, 0, 'silt'],
    [0, 100, 0, 'silt'],
    [8, 80, 12, 'silt loam'],
    [9, 80, 11, 'silt'],
    [80, 0, 20, 'sandy clay loam'],
    [53, 27, 20, 'sandy clay loam'],
    [52, 28, 20, 'loam'],
    [65, 0, 35, 'sandy clay'],
    [66, 0, 34, 'sandy clay loam'],
    [45, 20, 35, 'clay loam'],
    [33, 34, 33, 'clay loam'],
    [20, 45, 35, 'silty clay loam'],
    [21, 44, 35, 'clay loam'],
    [0, 60, 40, 'silty clay'],
    [0, 61, 39, 'silty clay loam'],
    [20, 40, 40, 'silty clay'],
    [21, 39, 40, 'clay'],
    [45, 15, 40, 'clay'],
    [46, 14, 40, 'sandy clay'],
    [0, 0, 100, 'clay'],
  ])('%s sand, %s silt, %s clay is %s', (sand, silt, clay, expected) => {
    expect(texture({ sand: sand / 100, silt: silt / 100, clay: clay / 100 }).class).toBe(expected);
  });

  it('names every point of the triangle, and rescales within a hundredth', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1000 }), fc.integer({ min: 0, max: 1000 }), (a, b) => {
        const [clay, silt] = [Math.min(a, b) / 1000, Math.abs(a - b) / 1000];
        // From whole numbers: 1 - clay - silt can fall below 0 by the last digit.
        const sand = (1000 - Math.max(a, b)) / 1000;
        const one = texture({ sand, silt, clay });
        expect(one.class.length).toBeGreaterThan(2);
        expect(texture({ sand: sand * 1.005, silt: silt * 1.005, clay: clay * 1.005 })).toEqual(one);
      }),
    );
  });

  it('refuses shares that do not make a whole', () => {
    expect(() => texture({ sand: 0.5, silt: 0.3, clay: 0.1 })).toThrow(/sum to 0\.900/);
  });
});

describe('Stokes’s waiting times', () => {
  // 2 um falls 10 cm in 7 h 44 min and 50 um in 44.5 s at 20 degC: Gee and Or (2002), Methods of Soil Analysis 4, 2.4.
  it('agree with the printed ones', () => {
    expect(settlingTime({ depth_cm: 10, diameter_um: 2, temp_C: 20 }).time_s / 60).toBeCloseTo(463.93, 1);
    expect(settlingTime({ depth_cm: 10, diameter_um: 50, temp_C: 20 }).time_s).toBeCloseTo(44.54, 1);
  });

  it('are shorter in warm water and refuse a grain that floats', () => {
    expect(settlingTime({ depth_cm: 10, diameter_um: 2, temp_C: 30 }).time_s).toBeLessThan(
      settlingTime({ depth_cm: 10, diameter_um: 2, temp_C: 20 }).time_s,
    );
    expect(() => settlingTime({ depth_cm: 10, diameter_um: 2, temp_C: 20, particleDensity_gcc: 0.5 })).toThrow(
      /floats/,
    );
  });
});
