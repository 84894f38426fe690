import { refuse } from '../errors';
import { number, object, type InputOf } from '../method';

/** Parameters of van Genuchten's curve; alpha per cm of suction. */
export const RETENTION_FIELDS = { thetaR: number(), thetaS: number(), alpha_percm: number(), n: number() };
export const RETENTION = object(RETENTION_FIELDS);
export type Retention = InputOf<typeof RETENTION>;

/** Refuses parameters with which the curve has no meaning. */
export function requireRetention(retention: Retention, prefix = 'retention.'): void {
  const { thetaR, thetaS, alpha_percm, n } = retention;
  if (!(thetaR >= 0 && thetaR < 1)) refuse(`${prefix}thetaR`, `${String(thetaR)} must lie between 0 and 1`);
  if (!(thetaS > 0 && thetaS <= 1)) refuse(`${prefix}thetaS`, `${String(thetaS)} must lie above 0 and not over 1`);
  if (thetaS <= thetaR) refuse(`${prefix}thetaS`, `${String(thetaS)} must be above thetaR ${String(thetaR)}`);
  if (!(alpha_percm > 0 && Number.isFinite(alpha_percm))) {
    refuse(`${prefix}alpha_percm`, `${String(alpha_percm)} per cm must be above 0`);
  }
  if (!(n > 1 && Number.isFinite(n))) refuse(`${prefix}n`, `${String(n)} must be above 1`);
}

/**
 * Water fraction at a suction head.
 *
 * theta(h) = theta_r + (theta_s - theta_r) [1 + (alpha h)^n]^-(1 - 1/n); h in cm of water, positive, 0 saturated.
 * Source: van Genuchten (1980), Soil Sci. Soc. Am. J. 44, 892-898, equations 3 and 8.
 * Example: thetaR 0.1, thetaS 0.9, alpha 0.1, n 2 at 10 cm: 0.1 + 0.8 / sqrt(2) = 0.665685.
 */
export function thetaAt(retention: Retention, suction_cm: number): number {
  if (suction_cm <= 0) return retention.thetaS;
  const { thetaR, thetaS, alpha_percm, n } = retention;
  // Powers by way of their logarithms: half the time, the same to 1e-14.
  const drawn = Math.exp(n * Math.log(alpha_percm * suction_cm));
  return thetaR + (thetaS - thetaR) * Math.exp((1 / n - 1) * Math.log(1 + drawn));
}
