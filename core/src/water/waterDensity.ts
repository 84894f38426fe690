import { requireWithin } from '../errors';

/** Range of the formula, degC, at one atmosphere. */
export const WATER_DENSITY_RANGE_C = Object.freeze({ lo: 0, hi: 100 });

/**
 * Density of air-free water at one atmosphere, g/mL.
 *
 * rho(t) = (999.83952 + 16.945176 t - 7.9870401e-3 t^2 - 4.6170461e-5 t^3 + 1.0556302e-7 t^4
 *          - 2.8054253e-10 t^5) / (1 + 1.687985e-2 t), kg/m3, t in degC.
 * Input: `temp_C` 0..100 degC; refused outside (path `path`).
 * Source: Kell (1975), J. Chem. Eng. Data 20, 97-105, equation for 0-150 degC.
 * Example: waterDensity(4) = 0.99997 g/mL; waterDensity(20) = 0.99820 g/mL.
 */
export function waterDensity(temp_C: number, path = 'waterTemp_C'): number {
  const t = requireWithin(path, temp_C, WATER_DENSITY_RANGE_C.lo, WATER_DENSITY_RANGE_C.hi, 'degC');
  const above =
    999.83952 + t * (16.945176 + t * (-7.9870401e-3 + t * (-4.6170461e-5 + t * (1.0556302e-7 + t * -2.8054253e-10))));
  return above / (1 + 1.687985e-2 * t) / 1000;
}
