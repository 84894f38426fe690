/**
 * Saturate, drain, dry: the main protocol's arithmetic and its checks.
 * Total porosity is container capacity plus air space by construction; the jug is the independent check.
 * Everything is stated for the medium's own volume as it stood after draining.
 */
export {
  drainageCheck,
  expectedPorosity,
  POROSITY_LIMITS,
  replicateChecks,
  airSpreadCheck,
  spreadChecks,
} from './checks';
export {
  contextOf,
  porosity,
  porosityMethod,
  POROSITY_DEFAULTS,
  type PorosityInput,
  type PorosityProperty,
  type PorosityResult,
} from './porosity';
export {
  mediumVolume_mL,
  waterFraction,
  type PorosityFigures,
  type PorosityReplicate,
  type PorosityVessel,
} from './reduceReplicate';
