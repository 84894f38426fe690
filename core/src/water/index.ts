/**
 * What water itself contributes to a bench result.
 * Masses of water become volumes by its density at the temperature on the day.
 * Flow and settling are brought to a common temperature by its viscosity.
 */
export { waterDensity, WATER_DENSITY_RANGE_C } from './waterDensity';
export { VISCOSITY_20_mPas, VISCOSITY_RANGE_C, waterViscosity } from './waterViscosity';
