/**
 * How fast water leaves and passes: the drain curve and saturated conductivity.
 * Times are seconds after the holes were opened, volumes what drained in all.
 * Conductivity is brought to 20 degC by the viscosity of water.
 */
export { conductivity, conductivityMethod, type ConductivityInput, type ConductivityResult } from './conductivity';
export {
  DRAIN_CLASSES,
  drainage,
  drainageMethod,
  drainClass,
  type DrainageInput,
  type DrainageResult,
  type DrainClass,
  type DrainReading,
} from './drainCurve';
