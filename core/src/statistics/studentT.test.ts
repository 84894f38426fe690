import { expect, it } from 'vitest';
import { studentT } from './studentT';

/** From SciPy 1.17.1's t.ppf. */
it.each([
  [0.975, 1, 12.706204736174694],
  [0.975, 2, 4.302652729749462],
  [0.95, 5, 2.0150483733330233],
  [0.9, 3, 1.637744353696209],
  [0.975, 9, 2.262157162798205],
  [0.975, 11, 2.200985160091639],
  [0.995, 30, 2.7499956535672254],
])('the quantile %s of Student’s t with %s degrees of freedom', (p, df, quantile) => {
  expect(Math.abs(studentT(p, df) / quantile - 1)).toBeLessThan(1e-12);
  expect(studentT(1 - p, df)).toBeCloseTo(-quantile, 10);
});

it('lies between its neighbours where degrees of freedom are not whole, and in the middle at one half', () => {
  expect(studentT(0.975, 4.5)).toBeLessThan(studentT(0.975, 4));
  expect(studentT(0.975, 4.5)).toBeGreaterThan(studentT(0.975, 5));
  expect(studentT(0.5, 7)).toBeCloseTo(0, 12);
});
