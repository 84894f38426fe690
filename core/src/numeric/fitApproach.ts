import { leastSquares, type Bounds, type FitStatus, type Residuals } from './leastSquares';

/** A series that nears a level by the same share at every step: y_k = end + gap r^k, k from 0. */
export interface Approach {
  readonly end: number;
  readonly gap: number;
  readonly r: number;
  readonly status: FitStatus;
}

/** Least values that three parameters can be had from. */
export const LEAST_OF_APPROACH = 3;

const SHARES = [0.2, 0.5, 0.8] as const;

function model(values: readonly number[]): Residuals {
  return {
    count: values.length,
    evaluate: (parameters, residuals, jacobian) => {
      const [end, gap, r] = parameters as [number, number, number];
      values.forEach((value, k) => {
        const power = r ** k;
        residuals[k] = end + gap * power - value;
        jacobian[k * LEAST_OF_APPROACH] = 1;
        jacobian[k * LEAST_OF_APPROACH + 1] = power;
        jacobian[k * LEAST_OF_APPROACH + 2] = k === 0 ? 0 : gap * k * r ** (k - 1);
      });
    },
  };
}

/**
 * Least squares of end, gap and r through a series, from three starts; `level` is where the series seems to go.
 * Bounds are of end, gap and r in this order.
 */
export function fitApproach(values: readonly number[], level: number, bounds: Bounds): Approach {
  const first = values[0] as number;
  const fits = SHARES.map((r) => leastSquares(model(values), [level, first - level, r], bounds));
  const best = fits.reduce((a, b) => (b.sse < a.sse ? b : a));
  const [end, gap, r] = best.parameters as [number, number, number];
  return { end, gap, r, status: best.status };
}
