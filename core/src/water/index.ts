/**
 * What water itself contributes to a bench result.
 * Masses of water become volumes by its density at the temperature on the day.
 * Later protocols add viscosity here.
 */
export { waterDensity, WATER_DENSITY_RANGE_C } from './waterDensity';
