import { refuse, requireNotNegative } from '../errors';
import { waterDensity } from '../water';

/** One filling of a vessel with water to its fill line. */
export interface WaterFilling {
  readonly empty_g: number;
  readonly full_g: number;
  readonly waterTemp_C: number;
}

/**
 * Volume of a vessel from the water that fills it, mL.
 *
 * V = (full - empty) / rho_w(T). Masses in g, temperature in degC.
 * Throws where the full vessel is not heavier than the empty one.
 * Example: 1310.9 g full, 312.4 g empty, 20 degC: 998.5 g / 0.99820 g/mL = 1000.3 mL.
 */
export function fillVolume_mL(filling: WaterFilling): number {
  requireNotNegative('empty_g', filling.empty_g, 'g');
  const water_g = filling.full_g - filling.empty_g;
  if (!(water_g > 0)) {
    refuse('full_g', `${String(filling.full_g)} g must be above the empty vessel's ${String(filling.empty_g)} g`);
  }
  return water_g / waterDensity(filling.waterTemp_C);
}

/** Mean volume of several fillings, mL; undefined where the vessel was never filled. */
export function vesselVolume_mL(fillings: readonly WaterFilling[]): number | undefined {
  if (fillings.length === 0) return undefined;
  return fillings.reduce((sum, filling) => sum + fillVolume_mL(filling), 0) / fillings.length;
}
