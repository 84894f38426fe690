import { requireWithin } from '../errors';

/** Viscosity of water at 20 degC, mPa s. */
export const VISCOSITY_20_mPas = 1.002;

/** Range of the formula, degC. */
export const VISCOSITY_RANGE_C = Object.freeze({ lo: -8, hi: 150 });

/**
 * Viscosity of water, mPa s.
 *
 * log10(eta(T)/eta(20)) = (20 - T)/(T + 96) (1.2364 - 1.37e-3 (20 - T) + 5.7e-6 (20 - T)^2), eta(20) = 1.002 mPa s.
 * Input: degC, -8..150; refused outside (path `path`).
 * Source: Kestin, Sokolov and Wakeham (1978), J. Phys. Chem. Ref. Data 7, 941-948, equation 15.
 * Example: waterViscosity(20) = 1.002; waterViscosity(25) = 0.8904.
 */
export function waterViscosity(temp_C: number, path = 'waterTemp_C'): number {
  const t = requireWithin(path, temp_C, VISCOSITY_RANGE_C.lo, VISCOSITY_RANGE_C.hi, 'degC');
  const below = 20 - t;
  const exponent = (below / (t + 96)) * (1.2364 - 1.37e-3 * below + 5.7e-6 * below * below);
  return VISCOSITY_20_mPas * 10 ** exponent;
}
