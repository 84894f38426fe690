import { refuse, type Check } from '../errors';
import { defineMethod, number, object, type InputOf } from '../method';
import { bisect } from '../numeric';
import { CONTAINER, requireContainer } from '../vessel';
import { containerMean, containerRule } from './containerMean';
import { requireRetention, thetaAt, type Retention } from './retention';

const INPUT = object({
  thetaS: number(),
  capacity: number('mean water of the drained container, fraction'),
  container: CONTAINER,
  thetaR: number(),
  n: number(),
});
export type RetentionInferInput = InputOf<typeof INPUT>;

export interface RetentionInferResult {
  readonly retention: Retention;
  readonly checks: readonly Check[];
}

/** Alpha is sought between these, per cm. */
export const ALPHA_BOUNDS = Object.freeze({ lo: 1e-4, hi: 3 });

/**
 * A curve inferred from one depth: theta_r and n are taken from elsewhere, alpha is solved so that the mean over
 * the container is the measured capacity.
 *
 * Fractions 0..1, container in cm. Throws (path `capacity`) where the capacity is at or under theta_r, or no alpha
 * from 1e-4 to 3 per cm gives it. The note `one-depth` says that the curve rests on one depth.
 * Example: thetaS 0.9, thetaR 0.1, n 2, straight 10 cm, capacity 0.805099: alpha = 0.1 per cm.
 */
export function inferRetention(input: RetentionInferInput): RetentionInferResult {
  const { thetaS, thetaR, n, capacity, container } = input;
  requireRetention({ thetaR, thetaS, alpha_percm: 1, n }, '');
  requireContainer(container);
  if (!(capacity > thetaR)) {
    refuse('capacity', `${String(capacity)} must be above thetaR ${String(thetaR)}, the water that never drains`);
  }
  const rule = containerRule(container);
  const misfit = (lnAlpha: number): number => {
    const retention = { thetaR, thetaS, alpha_percm: Math.exp(lnAlpha), n };
    return containerMean(rule, (z) => thetaAt(retention, z)) - capacity;
  };
  const lo = Math.log(ALPHA_BOUNDS.lo);
  const hi = Math.log(ALPHA_BOUNDS.hi);
  if (misfit(lo) < 0 || misfit(hi) > 0) {
    refuse(
      'capacity',
      `${String(capacity)} cannot be had with any alpha from ${String(ALPHA_BOUNDS.lo)} to ${String(ALPHA_BOUNDS.hi)} per cm between thetaR ${String(thetaR)} and thetaS ${String(thetaS)}`,
    );
  }
  const alpha_percm = Math.exp(bisect(misfit, lo, hi));
  const message = 'Curve inferred from one depth: its shape is the class’s, only its scale is measured.';
  return { retention: { thetaR, thetaS, alpha_percm, n }, checks: [{ code: 'one-depth', severity: 'note', message }] };
}

export const retentionInferMethod = defineMethod({
  name: 'retention-infer',
  version: 1,
  source: 'van Genuchten, 1980; shape from the class.',
  schema: INPUT,
  calculate: inferRetention,
  outputs: {
    alpha: {
      of: 'retention.alpha_percm',
      sentence: 'The scale of the curve that makes its mean over the vessel the measured capacity.',
      formula: 'mean over the vessel of θ(height; α) = capacity, solved for α',
    },
  },
  golden: {
    input: {
      thetaS: 0.85,
      thetaR: 0.12,
      n: 1.9,
      capacity: 0.6,
      container: { height_cm: 12, topDiameter_cm: 12, baseDiameter_cm: 9 },
    },
    gives: {
      'retention.alpha_percm': 0.199366801335,
    },
  },
});
