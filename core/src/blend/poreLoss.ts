import type { Check } from '../errors';
import { bisect } from '../numeric';
import { thetaAt } from '../retention';
import { BLEND_HEADS, type PreparedBlend } from './prepareBlend';

/** At most this share of the drainable pores may vanish on mixing. */
export const LARGEST_LOSS = 0.8;

/** Which pores the mixing takes: those that drain by `suction_cm`, and which share of them. */
export interface PoreLoss {
  /** Shrink used, after the cut where there is one. */
  readonly shrink: number;
  /** Volume lost, in the unit of the volumes. */
  readonly lost: number;
  /** Share lost of the pores that drain by `suction_cm`. */
  readonly lambda: number;
  readonly suction_cm: number;
  readonly checks: readonly Check[];
}

/**
 * Mixing destroys the space between large particles first: the first physics.
 *
 * M(h) = sum V_i (theta_s,i - theta_i(h)); D = s sum V_i; h* = 10 cm; where D > 0.8 M(10), h* in 10..100 cm with
 * D = 0.8 M(h*); where even D > 0.8 M(100), h* = 100 and s is cut, with a check. lambda = D / M(h*).
 */
export function poreLoss(prepared: PreparedBlend, volumes: readonly number[], shrink: number): PoreLoss {
  let whole = 0;
  for (const volume of volumes) whole += volume;
  const lost = shrink * whole;
  if (lost === 0) return { shrink, lost, lambda: 0, suction_cm: BLEND_HEADS.drained, checks: [] };
  const atDrained = drained(volumes, prepared.thetaS, prepared.thetaDrained);
  if (lost <= LARGEST_LOSS * atDrained) {
    return { shrink, lost, lambda: lost / atDrained, suction_cm: BLEND_HEADS.drained, checks: [] };
  }
  const atLast = drained(volumes, prepared.thetaS, prepared.thetaLast);
  if (lost > LARGEST_LOSS * atLast) {
    const cut = (LARGEST_LOSS * atLast) / whole;
    const message = `A shrink of ${(100 * shrink).toFixed(1)} % would take more than the drainable pores can give; ${(100 * cut).toFixed(1)} % is used.`;
    return {
      shrink: cut,
      lost: cut * whole,
      lambda: LARGEST_LOSS,
      suction_cm: BLEND_HEADS.last,
      checks: [{ code: 'shrink-cut', severity: 'caution', message }],
    };
  }
  const drainedBy = (suction_cm: number): number =>
    prepared.components.reduce((sum, { retention }, i) => {
      const volume = volumes[i] as number;
      return volume === 0 ? sum : sum + volume * (retention.thetaS - thetaAt(retention, suction_cm));
    }, 0);
  const suction_cm = bisect((h) => LARGEST_LOSS * drainedBy(h) - lost, BLEND_HEADS.drained, BLEND_HEADS.last);
  return { shrink, lost, lambda: lost / drainedBy(suction_cm), suction_cm, checks: [] };
}

/** Pore volume that has drained where each component's water has fallen from saturation to `theta`. */
export function drained(volumes: readonly number[], thetaS: Float64Array, theta: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < volumes.length; i += 1) {
    sum += (volumes[i] as number) * ((thetaS[i] as number) - (theta[i] as number));
  }
  return sum;
}
