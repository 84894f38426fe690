import { solveSymmetric } from './solveSymmetric';

/** One observation's residual and its partial derivatives by the free parameters, written into the arrays given. */
export interface Residuals {
  readonly count: number;
  /** Fills `residuals` (weighted: square root of the weight times model less observed) and `jacobian` row by row. */
  readonly evaluate: (parameters: readonly number[], residuals: Float64Array, jacobian: Float64Array) => void;
}

export interface Bounds {
  readonly lo: readonly number[];
  readonly hi: readonly number[];
}

/**
 * How a fit ended: at a minimum, out of iterations, where no step helps any more, or against residuals that are no
 * finite numbers, at the start or wherever it turned.
 */
export type FitStatus = 'converged' | 'stalled' | 'limit' | 'not-finite';

export interface LeastSquaresFit {
  readonly status: FitStatus;
  readonly parameters: readonly number[];
  /** Sum of squared weighted residuals. */
  readonly sse: number;
  readonly iterations: number;
  /** Indices of parameters that rest on a bound. */
  readonly atBound: readonly number[];
}

export const LEAST_SQUARES = Object.freeze({
  iterations: 200,
  /** Relative fall of the sum of squares under which a fit stands still. */
  improvement: 1e-14,
  /** Relative size of a step under which it stands still. */
  step: 1e-11,
  firstDamping: 1e-3,
  largestDamping: 1e16,
});

/**
 * Least squares within bounds, by Levenberg and Marquardt's iteration with projected steps.
 *
 * A parameter that rests on a bound and is pushed outward is left out of the step. Deterministic; the caller chooses
 * starts. Source: Marquardt (1963), J. SIAM 11, 431-441; damping after Nielsen (1999); projection after Kanzow,
 * Yamashita and Fukushima (2004).
 */
export function leastSquares(model: Residuals, start: readonly number[], bounds: Bounds): LeastSquaresFit {
  const p = start.length;
  const held = (values: readonly number[]): number[] =>
    values.map((value, i) => Math.min(Math.max(value, bounds.lo[i] as number), bounds.hi[i] as number));
  let parameters = held(start);
  let residuals = new Float64Array(model.count);
  let jacobian = new Float64Array(model.count * p);
  let nextResiduals = new Float64Array(model.count);
  let nextJacobian = new Float64Array(model.count * p);
  model.evaluate(parameters, residuals, jacobian);
  let sse = squares(residuals);
  let damping: number = LEAST_SQUARES.firstDamping;
  let growth = 2;
  let status: FitStatus = Number.isFinite(sse) ? 'limit' : 'not-finite';
  let iterations = 0;
  while (status === 'limit' && iterations < LEAST_SQUARES.iterations) {
    iterations += 1;
    const { gradient, curvature } = normal(residuals, jacobian, p);
    const free = parameters.map((value, i) => {
      const slope = gradient[i] as number;
      return !((value <= (bounds.lo[i] as number) && slope > 0) || (value >= (bounds.hi[i] as number) && slope < 0));
    });
    const moved = held(step(parameters, gradient, curvature, free, damping));
    const change = Math.max(
      ...moved.map((value, i) => Math.abs(value - (parameters[i] as number)) / (1 + Math.abs(value))),
    );
    model.evaluate(moved, nextResiduals, nextJacobian);
    const next = squares(nextResiduals);
    if (next < sse) {
      const fall = (sse - next) / sse;
      parameters = moved;
      sse = next;
      [residuals, nextResiduals] = [nextResiduals, residuals];
      [jacobian, nextJacobian] = [nextJacobian, jacobian];
      damping = Math.max(damping / 9, 1e-14);
      growth = 2;
      if (sse === 0 || fall < LEAST_SQUARES.improvement || change < LEAST_SQUARES.step) {
        status = 'converged';
      }
    } else {
      const stands = change < LEAST_SQUARES.step;
      damping *= growth;
      growth *= 2;
      if (!Number.isFinite(next) && (stands || damping > LEAST_SQUARES.largestDamping)) status = 'not-finite';
      else if (stands) status = 'converged';
      else if (damping > LEAST_SQUARES.largestDamping) status = 'stalled';
    }
  }
  const atBound = parameters.flatMap((value, i) =>
    value <= (bounds.lo[i] as number) || value >= (bounds.hi[i] as number) ? [i] : [],
  );
  return { status, parameters, sse, iterations, atBound };
}

function squares(residuals: Float64Array): number {
  let sum = 0;
  for (const residual of residuals) sum += residual * residual;
  return sum;
}

/** Gradient J'r and curvature J'J of half the sum of squares. */
export function normal(
  residuals: Float64Array,
  jacobian: Float64Array,
  p: number,
): { readonly gradient: number[]; readonly curvature: number[][] } {
  const gradient = new Array<number>(p).fill(0);
  const curvature = Array.from({ length: p }, () => new Array<number>(p).fill(0));
  for (let row = 0; row < residuals.length; row += 1) {
    const residual = residuals[row] as number;
    for (let i = 0; i < p; i += 1) {
      const slope = jacobian[row * p + i] as number;
      gradient[i] = (gradient[i] as number) + slope * residual;
      const line = curvature[i] as number[];
      for (let j = 0; j <= i; j += 1) line[j] = (line[j] as number) + slope * (jacobian[row * p + j] as number);
    }
  }
  for (let i = 0; i < p; i += 1)
    for (let j = i + 1; j < p; j += 1) (curvature[i] as number[])[j] = (curvature[j] as number[])[i] as number;
  return { gradient, curvature };
}

/** The damped step for the free parameters; where even that has no answer, none. */
function step(
  parameters: readonly number[],
  gradient: readonly number[],
  curvature: readonly number[][],
  free: readonly boolean[],
  damping: number,
): number[] {
  const index = free.flatMap((isFree, i) => (isFree ? [i] : []));
  const reduced = index.map((i) =>
    index.map((j) => {
      const value = (curvature[i] as number[])[j] as number;
      return i === j ? value + damping * Math.max(value, 1e-12) : value;
    }),
  );
  const solved = solveSymmetric(
    reduced,
    index.map((i) => -(gradient[i] as number)),
  );
  if (solved === undefined) return [...parameters];
  return parameters.map((value, i) => {
    const at = index.indexOf(i);
    return at < 0 ? value : value + (solved[at] as number);
  });
}
