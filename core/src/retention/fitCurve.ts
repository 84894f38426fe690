import { fitRetention } from './fitRetention';
import type { Retention } from './retention';

/** A point of a curve: suction and water fraction. */
export interface CurvePoint {
  readonly head_cm: number;
  readonly theta: number;
}

export interface CurveFit {
  readonly retention: Retention;
  readonly rmse: number;
}

/**
 * Van Genuchten's curve through the points of a smooth curve, with its misfit: what a blend reports.
 *
 * `points` has at least four suctions (cm) with their water fractions. rmse divides by the number of points.
 * Example: points of a van Genuchten curve give that curve back with an rmse under 1e-6.
 */
export function fitCurve(points: readonly CurvePoint[]): CurveFit {
  const observations = points.map((point) => ({ kind: 'point', ...point }) as const);
  const { retention, rmse } = fitRetention({ observations });
  return { retention, rmse };
}
