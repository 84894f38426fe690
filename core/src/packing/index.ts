/**
 * Why volumes do not add: small grains settle between large ones.
 * The compressible packing model of de Larrard, with grains that may yield.
 * Prepared once for a set of components, evaluated for any shares of them.
 */
export { classDiameters_mm, type Grains, type Physics } from './grains';
export { blendPacking, preparePacking, type PreparedPacking } from './preparePacking';
export { POURED_K } from './solvePacking';
export { virtualPacking } from './virtualPacking';
