import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import { thetaAt, type Retention } from './retention';

/** A point of a curve: suction and water fraction. */
export interface CurvePoint {
  readonly head_cm: number;
  readonly theta: number;
}

export interface CurveFit {
  readonly retention: Retention;
  readonly rmse: number;
}

/** Bounds of the fit, in the order thetaR, thetaS, ln alpha, ln(n - 1). */
export const FIT_BOUNDS = Object.freeze({
  thetaR: { lo: 0, hi: 0.45 },
  thetaS: { lo: 0.2, hi: 0.99 },
  alpha_percm: { lo: 1e-4, hi: 3 },
  n: { lo: 1.05, hi: 10 },
});

/** Starting shapes: alpha per cm and n. */
const STARTS = [
  { alpha_percm: 0.1, n: 1.6 },
  { alpha_percm: 0.5, n: 2.2 },
  { alpha_percm: 0.03, n: 1.3 },
  { alpha_percm: 1.5, n: 1.4 },
] as const;

/** Good enough that another start cannot matter. */
const PERFECT_RMSE = 1e-9;

const fromFree = ([thetaR, thetaS, lnAlpha, lnNMinus1]: readonly number[]): Retention => ({
  thetaR: thetaR as number,
  thetaS: thetaS as number,
  alpha_percm: Math.exp(lnAlpha as number),
  n: 1 + Math.exp(lnNMinus1 as number),
});

/** Partial derivatives of theta by thetaR, thetaS, ln alpha and ln(n - 1). */
function jacobian(free: readonly number[]): (head_cm: number) => number[] {
  const { thetaR, thetaS, alpha_percm, n } = fromFree(free);
  const m = 1 - 1 / n;
  return (head_cm) => {
    if (head_cm <= 0) return [0, 1, 0, 0];
    const scaled = alpha_percm * head_cm;
    const u = Math.pow(scaled, n);
    const share = Math.pow(1 + u, -m);
    const byLnAlpha = ((thetaS - thetaR) * -m * n * u * share) / (1 + u);
    const byN = (thetaS - thetaR) * share * (-Math.log(1 + u) / (n * n) - (m * u * Math.log(scaled)) / (1 + u));
    return [1 - share, share, byLnAlpha, byN * (n - 1)];
  };
}

const rmseOf = (points: readonly CurvePoint[], retention: Retention): number =>
  Math.sqrt(points.reduce((sum, p) => sum + (thetaAt(retention, p.head_cm) - p.theta) ** 2, 0) / points.length);

/**
 * Van Genuchten's curve through the points of a smooth curve, by Levenberg-Marquardt from several starts.
 *
 * `points` has at least four suctions (cm) with their water fractions; alpha and n are fitted as ln alpha and
 * ln(n - 1) within FIT_BOUNDS. rmse divides by the number of points.
 * This serves the curve that a blend reports; fitting scattered observations with their errors is another matter.
 * Example: points of a van Genuchten curve give that curve back with an rmse under 1e-6.
 */
export function fitCurve(points: readonly CurvePoint[]): CurveFit {
  const x = points.map((p) => p.head_cm);
  const y = points.map((p) => p.theta);
  const { thetaR, thetaS, alpha_percm, n } = FIT_BOUNDS;
  const minValues = [thetaR.lo, thetaS.lo, Math.log(alpha_percm.lo), Math.log(n.lo - 1)];
  const maxValues = [thetaR.hi, thetaS.hi, Math.log(alpha_percm.hi), Math.log(n.hi - 1)];
  const within = (value: number, i: number): number =>
    Math.min(Math.max(value, minValues[i] as number), maxValues[i] as number);
  let best: CurveFit | undefined;
  for (const start of STARTS) {
    const initialValues = [Math.min(...y) * 0.9, Math.max(...y), Math.log(start.alpha_percm), Math.log(start.n - 1)];
    const fitted = levenbergMarquardt(
      { x, y },
      (free) => {
        const retention = fromFree(free);
        return (head_cm: number) => thetaAt(retention, head_cm);
      },
      {
        initialValues: initialValues.map(within),
        minValues,
        maxValues,
        damping: 1e-3,
        jacobianFunction: jacobian,
        maxIterations: 200,
        errorTolerance: 1e-24,
        improvementThreshold: 1e-12,
      },
    );
    const retention = fromFree(fitted.parameterValues);
    const rmse = rmseOf(points, retention);
    if (best === undefined || rmse < best.rmse) best = { retention, rmse };
    if (best.rmse < PERFECT_RMSE) break;
  }
  return best as CurveFit;
}
