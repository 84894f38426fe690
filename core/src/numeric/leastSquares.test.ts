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

/** One residual of one parameter, whatever its slope is said to be. */
const one = (value: (x: number) => number, slope: (x: number) => number): Residuals => ({
  count: 1,
  evaluate: ([x = 0], residuals, jacobian) => {
    residuals[0] = value(x);
    jacobian[0] = slope(x);
  },
});

describe('least squares that do not come to an end', () => {
  const everywhere = { lo: [-1e30], hi: [1e30] };
  it('says where the residuals are no numbers, at the start or from a step on', () => {
    expect(
      leastSquares(
        one(
          () => Number.NaN,
          () => 1,
        ),
        [1],
        everywhere,
      ).status,
    ).toBe('not-finite');
    expect(
      leastSquares(
        one(
          () => Infinity,
          () => 1,
        ),
        [1],
        everywhere,
      ).status,
    ).toBe('not-finite');
    const cliff = one(
      (x) => (x === 1 ? 5 : Number.NaN),
      () => 1,
    );
    const fit = leastSquares(cliff, [1], everywhere);
    expect(fit).toMatchObject({ status: 'not-finite', parameters: [1], sse: 25 });
  });

  it('says when no step helps any more although the slope promises one', () => {
    const promised = one(
      (x) => 1e10 + Math.abs(x),
      () => 1e-8,
    );
    expect(leastSquares(promised, [0], everywhere)).toMatchObject({ status: 'stalled', parameters: [0] });
  });

  it('says when the steps ran out', () => {
    // 1 / (1 + x) falls for ever: it is followed as far as the steps go.
    const flat = one(
      (x) => 1 / (1 + x),
      (x) => -1 / (1 + x) ** 2,
    );
    expect(leastSquares(flat, [1], { lo: [0], hi: [1e300] }).status).toBe('limit');
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
