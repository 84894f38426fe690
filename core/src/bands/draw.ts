import { RETENTION_ORDER, type Retention } from '../retention';
import { normalDraw, type Random } from '../scoring';
import type { UncertainComponent } from './bandsInput';

/** Tries before a value that the limits hardly allow stays at its mean. */
const MOST_TRIES = 200;

/** A normal draw within limits, by drawing again. */
export function truncatedNormal(random: Random, mean: number, se: number, lo: number, hi: number): number {
  if (se === 0) return mean;
  for (let i = 0; i < MOST_TRIES; i += 1) {
    const value = mean + se * normalDraw(random);
    if (value >= lo && value <= hi) return value;
  }
  return mean;
}

/** A log-normal draw with this mean and standard deviation; a mean of zero stays. */
export function logNormal(random: Random, mean: number, se: number): number {
  if (se === 0 || mean <= 0) return mean;
  const variance = Math.log1p((se / mean) ** 2);
  return Math.exp(Math.log(mean) - variance / 2 + Math.sqrt(variance) * normalDraw(random));
}

/** Lower factor L of a covariance, L L' = C; rows that have no variance of their own left stay zero. */
export function lowerFactor(covariance: readonly (readonly number[])[]): number[][] {
  const lower = covariance.map((row) => row.map(() => 0));
  covariance.forEach((row, i) => {
    for (let j = 0; j <= i; j += 1) {
      let sum = row[j] as number;
      for (let k = 0; k < j; k += 1)
        sum -= ((lower[i] as number[])[k] as number) * ((lower[j] as number[])[k] as number);
      const pivot = (lower[j] as number[])[j] as number;
      // A pivot of rounding size has no information; its column stays zero.
      if (i === j) (lower[i] as number[])[i] = sum > 1e-18 ? Math.sqrt(sum) : 0;
      else if (pivot > 0) (lower[i] as number[])[j] = sum / pivot;
    }
  });
  return lower;
}

/** Covariance of a component's curve: as fitted, else from standard errors one by one, else none. */
export function curveCovariance(component: UncertainComponent): readonly (readonly number[])[] | undefined {
  if (component.retention_cov !== undefined) return component.retention_cov;
  const { retention } = component;
  const errors = [retention.thetaR_se, retention.thetaS_se, retention.alpha_percm_se, retention.n_se];
  if (errors.every((se) => se === undefined || se === 0)) return undefined;
  return errors.map((se, i) => errors.map((_, j) => (i === j ? (se ?? 0) ** 2 : 0)));
}

const isPossible = ({ thetaR, thetaS, alpha_percm, n }: Retention): boolean =>
  thetaR >= 0 && thetaS <= 1 && thetaS > thetaR && alpha_percm > 0 && n > 1;

/** A whole curve at once, drawn again until it is one. */
export function drawCurve(random: Random, mean: Retention, lower: readonly (readonly number[])[]): Retention {
  for (let i = 0; i < MOST_TRIES; i += 1) {
    const z = RETENTION_ORDER.map(() => normalDraw(random));
    const values = RETENTION_ORDER.map((name, row) =>
      (lower[row] as readonly number[]).reduce((sum, factor, k) => sum + factor * (z[k] as number), mean[name]),
    );
    const [thetaR, thetaS, alpha_percm, n] = values as [number, number, number, number];
    const curve = { thetaR, thetaS, alpha_percm, n };
    if (isPossible(curve)) return curve;
  }
  return mean;
}
