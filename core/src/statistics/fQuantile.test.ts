import { expect, it } from 'vitest';
import { fQuantile } from '.';

/** Worked out by another implementation, to sixteen figures. */
const TABLE: readonly (readonly [number, number, number, number])[] = [
  [0.975, 5, 12.3, 3.8511953408082755],
  [0.975, 3.2, 9, 4.991162846674628],
  [0.95, 2, 10, 4.1028210151304],
  [0.975, 7, 1.4, 149.1241917825226],
  [0.5, 30, 2, 1.409618419597601],
  [0.975, 59, 177.25, 1.4881561552016456],
  [0.025, 4, 6, 0.10872743037293349],
  [0.999, 1, 1, 405284.0679028482],
];

it.each(TABLE)('the %s quantile of F with %s and %s degrees of freedom', (p, df1, df2, right) => {
  expect(Math.abs(fQuantile(p, df1, df2) / right - 1)).toBeLessThan(1e-11);
});
