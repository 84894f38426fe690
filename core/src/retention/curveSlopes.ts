import type { Retention } from './retention';

/** Order of the parameters wherever they stand in a list or a matrix. */
export const RETENTION_ORDER = ['thetaR', 'thetaS', 'alpha_percm', 'n'] as const satisfies readonly (keyof Retention)[];

/** Theta and its partial derivatives by thetaR, thetaS, ln alpha and ln(n - 1), added with a weight into `into`. */
export function addCurve(retention: Retention, suction_cm: number, weight: number, into: Float64Array): void {
  const { thetaR, thetaS, alpha_percm, n } = retention;
  if (suction_cm <= 0) {
    into[0] = (into[0] as number) + weight * thetaS;
    into[2] = (into[2] as number) + weight;
    return;
  }
  const m = 1 - 1 / n;
  const scaled = alpha_percm * suction_cm;
  const logScaled = Math.log(scaled);
  // A power by way of its logarithm: that is needed anyway.
  const u = Math.exp(n * logScaled);
  const log1u = Math.log1p(u);
  const share = Math.exp(-m * log1u);
  const range = thetaS - thetaR;
  const byLnAlpha = (range * -m * n * u * share) / (1 + u);
  const byN = range * share * (-log1u / (n * n) - (m * u * logScaled) / (1 + u));
  into[0] = (into[0] as number) + weight * (thetaR + range * share);
  into[1] = (into[1] as number) + weight * (1 - share);
  into[2] = (into[2] as number) + weight * share;
  into[3] = (into[3] as number) + weight * byLnAlpha;
  into[4] = (into[4] as number) + weight * byN * (n - 1);
}
