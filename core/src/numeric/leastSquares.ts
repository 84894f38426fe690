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
  iterations: 2000,
  /** Relative fall of the sum of squares under which a fit stands still. */
  improvement: 1e-14,
  /** Relative size of a step under which it stands still. */
  step: 1e-11,
  firstDamping: 1e-3,
  /** For a fit that ran out onto a plateau: short steps from its start. */
  patientDamping: 100,
  largestDamping: 1e16,
  /** Steps without damping at the end: the last digits, which a sum of squares no longer tells. */
  polish: 2,
  /** A parameter whose slopes have fallen to this share of what they were no longer matters: the fit lies on a plateau. */
  plateau: 1e-9,
});

/**
 * Least squares within bounds, by Levenberg and Marquardt's iteration with projected steps.
 *
 * A parameter that rests on a bound and is pushed outward is left out of the step. A fit that ends on a plateau, where a
 * parameter no longer matters, is begun again with short steps; if it ends there again it has `stalled`. Deterministic; the
 * caller chooses starts. Reaches the certified answers of the reference datasets in `fixtures` or says that it stopped.
 * Source: Marquardt (1963), J. SIAM 11, 431-441; scaling after More (1978); damping after Nielsen (1999); projection after
 * Kanzow, Yamashita and Fukushima (2004).
 */
export function leastSquares(model: Residuals, start: readonly number[], bounds: Bounds): LeastSquaresFit {
  const bold = descent(model, start, bounds, LEAST_SQUARES.firstDamping);
  if (!bold.onPlateau) return bold.fit;
  const patient = descent(model, start, bounds, LEAST_SQUARES.patientDamping);
  const { fit, onPlateau } = patient.fit.sse < bold.fit.sse ? patient : bold;
  return onPlateau && fit.status === 'converged' ? { ...fit, status: 'stalled' } : fit;
}

interface Descent {
  readonly fit: LeastSquaresFit;
  readonly onPlateau: boolean;
}

function descent(model: Residuals, start: readonly number[], bounds: Bounds, firstDamping: number): Descent {
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
  let damping = firstDamping;
  let growth = 2;
  let status: FitStatus = Number.isFinite(sse) ? 'limit' : 'not-finite';
  let iterations = 0;
  // The largest that each slope has been: a parameter that stops to matter is not let go for that.
  const scale = new Array<number>(p).fill(0);
  let diagonal: readonly number[] = scale;
  while (status === 'limit' && iterations < LEAST_SQUARES.iterations) {
    iterations += 1;
    const { gradient, curvature } = normal(residuals, jacobian, p);
    diagonal = curvature.map((row, i) => row[i] as number);
    diagonal.forEach((value, i) => {
      scale[i] = Math.max(scale[i] as number, value, LEAST_SCALE);
    });
    const free = parameters.map((value, i) => {
      const slope = gradient[i] as number;
      return !((value <= (bounds.lo[i] as number) && slope > 0) || (value >= (bounds.hi[i] as number) && slope < 0));
    });
    const moved = held(step(parameters, gradient, curvature, free, scale, damping));
    const by = moved.map((value, i) => value - (parameters[i] as number));
    const change = Math.max(...by.map((value, i) => Math.abs(value) / (1 + Math.abs(moved[i] as number))));
    model.evaluate(moved, nextResiduals, nextJacobian);
    const next = squares(nextResiduals);
    if (next < sse) {
      const fall = (sse - next) / sse;
      const gain = (sse - next) / promised(by, gradient, curvature);
      parameters = moved;
      sse = next;
      [residuals, nextResiduals] = [nextResiduals, residuals];
      [jacobian, nextJacobian] = [nextJacobian, jacobian];
      damping = Math.max(damping * Math.max(1 / 9, 1 - (2 * Math.min(gain, 1) - 1) ** 3), 1e-14);
      growth = 2;
      if (sse === 0 || fall < LEAST_SQUARES.improvement || change < LEAST_SQUARES.step) status = 'converged';
    } else {
      const stands = change < LEAST_SQUARES.step;
      damping *= growth;
      growth *= 2;
      if (!Number.isFinite(next) && (stands || damping > LEAST_SQUARES.largestDamping)) status = 'not-finite';
      else if (stands) status = 'converged';
      else if (damping > LEAST_SQUARES.largestDamping) status = 'stalled';
    }
  }
  for (let i = 0; status === 'converged' && sse > 0 && i < LEAST_SQUARES.polish; i += 1) {
    const { gradient, curvature } = normal(residuals, jacobian, p);
    const free = parameters.map((value, k) => value > (bounds.lo[k] as number) && value < (bounds.hi[k] as number));
    const moved = held(step(parameters, gradient, curvature, free, scale, 0));
    model.evaluate(moved, nextResiduals, nextJacobian);
    const next = squares(nextResiduals);
    if (!(next <= sse * (1 + LEAST_SQUARES.improvement))) break;
    parameters = moved;
    sse = Math.min(sse, next);
    [residuals, nextResiduals] = [nextResiduals, residuals];
    [jacobian, nextJacobian] = [nextJacobian, jacobian];
  }
  const atBound = parameters.flatMap((value, i) =>
    value <= (bounds.lo[i] as number) || value >= (bounds.hi[i] as number) ? [i] : [],
  );
  const onPlateau =
    status !== 'not-finite' &&
    diagonal.some((value, i) => !atBound.includes(i) && value < LEAST_SQUARES.plateau * (scale[i] as number));
  return { fit: { status, parameters, sse, iterations, atBound }, onPlateau };
}

/** No slope is taken for smaller than this. */
const LEAST_SCALE = 1e-12;

/** By how much a step should lower the sum of squares, were the slopes to hold. */
function promised(
  by: readonly number[],
  gradient: readonly number[],
  curvature: readonly (readonly number[])[],
): number {
  return -by.reduce(
    (sum, own, i) =>
      sum +
      own *
        (2 * (gradient[i] as number) +
          (curvature[i] as readonly number[]).reduce((row, value, j) => row + value * (by[j] as number), 0)),
    0,
  );
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
  scale: readonly number[],
  damping: number,
): number[] {
  const index = free.flatMap((isFree, i) => (isFree ? [i] : []));
  const reduced = index.map((i) =>
    index.map((j) => {
      const value = (curvature[i] as number[])[j] as number;
      return i === j ? value + damping * (scale[i] as number) : value;
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
