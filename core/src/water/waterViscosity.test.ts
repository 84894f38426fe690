import { describe, expect, it } from 'vitest';
import { waterViscosity } from './waterViscosity';

describe('viscosity of water', () => {
  // Kestin, Sokolov and Wakeham (1978), table 4, mPa s at one atmosphere; printed to four figures.
  it.each([
    [10, 1.307],
    [15, 1.138],
    [20, 1.002],
    [25, 0.8904],
    [30, 0.7977],
    [40, 0.6532],
  ])('at %s degC is %s mPa s', (temp_C, expected) => {
    expect(Math.abs(waterViscosity(temp_C) - expected)).toBeLessThan(0.0006);
  });

  it('is refused outside the formula', () => {
    expect(() => waterViscosity(-9)).toThrow(/invalid waterTemp_C/);
  });
});
