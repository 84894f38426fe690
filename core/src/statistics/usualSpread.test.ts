import { describe, expect, it } from 'vitest';
import { methodSpread, USUAL_SD } from '.';

describe('spread between repeats', () => {
  it('of one repeat is the usual one: its mean, by a scaled inverse chi-squared of 4 degrees of freedom', () => {
    const { variance, freedom } = methodSpread('porosity', [[0.8]]);
    expect(freedom).toBe(4);
    expect(variance).toBeCloseTo((2 / Math.PI) * USUAL_SD.porosity ** 2, 12);
  });

  it('is updated by hand: (4 x 2/pi x 0.05^2 + 0.02) / (4 + 2)', () => {
    const { variance, freedom } = methodSpread('pH', [[5.1, 5.2, 5.3]]);
    expect(freedom).toBe(6);
    expect(variance).toBeCloseTo((4 * (2 / Math.PI) * 0.0025 + 0.02) / 6, 12);
  });

  it('asks how runs differ within, never between', () => {
    expect(
      methodSpread('pH', [
        [5, 5.1],
        [7, 7.1],
      ]).variance,
    ).toBeCloseTo(
      methodSpread('pH', [
        [5, 5.1],
        [5, 5.1],
      ]).variance,
      12,
    );
  });
});
