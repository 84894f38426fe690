import { describe, expect, it } from 'vitest';
import { waterDensity } from './waterDensity';

describe('density of water', () => {
  // Kell (1975), table of the recommended densities, g/mL; printed to 6 decimals.
  it.each([
    [0, 0.99984],
    [4, 0.999972],
    [10, 0.9997],
    [20, 0.998203],
    [25, 0.997045],
    [40, 0.992212],
  ])('at %s degC is %s g/mL', (temp_C, expected) => {
    expect(waterDensity(temp_C)).toBeCloseTo(expected, 5);
  });

  it('is greatest near 4 degC', () => {
    expect(waterDensity(4)).toBeGreaterThan(waterDensity(3));
    expect(waterDensity(4)).toBeGreaterThan(waterDensity(5));
  });

  it.each([-0.1, 100.1, Number.NaN])('refuses %s degC', (temp_C) => {
    expect(() => waterDensity(temp_C)).toThrow(/invalid waterTemp_C/);
  });
});
