import { describe, expect, it } from 'vitest';
import { invertSymmetric, leastSquares, solveSymmetric, type Residuals } from '.';

/** y = a exp(b x) through points. */
const exponential = (points: readonly (readonly [number, number])[]): Residuals => ({
  count: points.length,
  evaluate: ([a = 0, b = 0], residuals, jacobian) => {
    points.forEach(([x, y], row) => {
      const growth = Math.exp(b * x);
      residuals[row] = a * growth - y;
      jacobian[2 * row] = growth;
      jacobian[2 * row + 1] = a * x * growth;
    });
  },
});
const points = [0, 1, 2, 3, 4].map((x) => [x, 2 * Math.exp(-0.5 * x)] as const);
const wide = { lo: [-100, -100], hi: [100, 100] };

describe('least squares', () => {
  it('finds the parameters that made the data', () => {
    const fit = leastSquares(exponential(points), [1, 0], wide);
    expect(fit.status).toBe('converged');
    expect(fit.parameters[0]).toBeCloseTo(2, 10);
    expect(fit.parameters[1]).toBeCloseTo(-0.5, 10);
    expect(fit.atBound).toEqual([]);
  });

  it('rests on a bound where the minimum lies beyond it, and says so', () => {
    const fit = leastSquares(exponential(points), [1, 0], { lo: [-100, -0.3], hi: [100, 100] });
    expect(fit.parameters[1]).toBe(-0.3);
    expect(fit.atBound).toEqual([1]);
    // With b fixed the best a is sum(y e)/sum(e^2).
    const top = points.reduce((sum, [x, y]) => sum + y * Math.exp(-0.3 * x), 0);
    const under = points.reduce((sum, [x]) => sum + Math.exp(-0.6 * x), 0);
    expect(fit.parameters[0]).toBeCloseTo(top / under, 8);
  });
});

describe('a symmetric system', () => {
  const a = [
    [4, 2, 0],
    [2, 5, 1],
    [0, 1, 3],
  ];
  it('is solved and inverted', () => {
    const x = solveSymmetric(a, [2, 3, 7]) as number[];
    a.forEach((row, i) => {
      expect(row.reduce((sum, value, j) => sum + value * (x[j] as number), 0)).toBeCloseTo([2, 3, 7][i] as number, 12);
    });
    const inverse = invertSymmetric(a) as number[][];
    expect((inverse[0] as number[])[1]).toBeCloseTo((inverse[1] as number[])[0] as number, 14);
  });

  it('that is singular has no answer', () => {
    expect(
      solveSymmetric(
        [
          [1, 1],
          [1, 1],
        ],
        [1, 1],
      ),
    ).toBeUndefined();
    expect(invertSymmetric([[0]])).toBeUndefined();
  });
});
