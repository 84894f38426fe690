import { refuse, requireNotNegative, requirePositive, said } from '../errors';
import { waterDensity } from '../water';

/** One filling of a vessel with water to its fill line, on a scale. */
export interface WaterFilling {
  readonly empty_g: number;
  readonly full_g: number;
  readonly waterTemp_C: number;
}

/** One filling by a jug, or a volume that somebody knows: there was no scale. */
export interface JugFilling {
  readonly jug_mL: number;
}

export type Filling = WaterFilling | JugFilling;

/**
 * Volume of a vessel from the water that fills it, mL.
 *
 * On a scale V = (full - empty) / rho_w(T), masses in g, temperature in degC; by a jug V is what it read.
 * Throws where the full vessel is not heavier than the empty one, or the jug read nothing.
 * Example: 1310.9 g full, 312.4 g empty, 20 degC: 998.5 g / 0.99820 g/mL = 1000.3 mL.
 */
export function fillVolume_mL(filling: Filling): number {
  if ('jug_mL' in filling) {
    requirePositive('jug_mL', filling.jug_mL, 'mL');
    return filling.jug_mL;
  }
  requireNotNegative('empty_g', filling.empty_g, 'g');
  const water_g = filling.full_g - filling.empty_g;
  if (!(water_g > 0)) {
    refuse('full_g', `${said(filling.full_g)} g must be above the empty vessel's ${said(filling.empty_g)} g`);
  }
  return water_g / waterDensity(filling.waterTemp_C);
}

/** Mean volume of several fillings, mL; undefined where the vessel was never filled. */
export function vesselVolume_mL(fillings: readonly Filling[]): number | undefined {
  if (fillings.length === 0) return undefined;
  return fillings.reduce((sum, filling) => sum + fillVolume_mL(filling), 0) / fillings.length;
}

/** What the dry vessel weighed at its newest filling on a scale, g; undefined where it never stood on one. */
export function knownTare_g(fillings: readonly Filling[]): number | undefined {
  return fillings.findLast((filling) => 'empty_g' in filling)?.empty_g;
}
