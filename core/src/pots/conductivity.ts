import type { DeskInput, DeskResult } from '../desk';
import { deskThroughflow } from '../desk';
import { throughflow } from '../outlook';
import type { Retention } from '../retention';

/** How fast a soaked medium lets water through, and how sure that is: true within the factor either way, 90 %. */
export interface Conductivity {
  readonly ks_cms: number;
  readonly factor: number;
  readonly by: 'measured' | 'curve';
}

/** A curve alone says no more. Our guidance. */
const BY_CURVE = { factor: 5, perDay: 4.65e4, seconds: 86400 };
const BY_PARTS = { factor: 3 };

/**
 * Saturated conductivity from a curve alone, cm/s: 4.65e4 theta_s alpha^2 cm a day, alpha in 1/cm; rough, within a factor of
 * five.
 * Source: Guarracino (2007), Water Resour. Res. 43, W07420: pores as a fractal bundle of tubes.
 * Example: theta_s 0.9, alpha 0.1: 418 cm a day, 0.0048 cm/s.
 */
export function conductivityByCurve({ thetaS, alpha_percm }: Retention): Conductivity {
  const ks_cms = (BY_CURVE.perDay * thetaS * alpha_percm ** 2) / BY_CURVE.seconds;
  return { ks_cms, factor: BY_CURVE.factor, by: 'curve' };
}

/** Of a blend or lot: by what ran through every part of it, else by its curve. */
export function conductivityOf(desk: DeskInput, predicted: DeskResult, retention: Retention): Conductivity {
  const asked = deskThroughflow(desk, predicted);
  if (asked.kind !== 'known') return conductivityByCurve(retention);
  return { ks_cms: throughflow(asked.input).k20_cms, factor: BY_PARTS.factor, by: 'measured' };
}
