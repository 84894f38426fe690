/**
 * How much water a medium keeps at a suction, and so in a container of any depth.
 * Suction is positive and equals the height above a freely drained base.
 * A curve is measured, inferred from one depth, or fitted to a predicted one; each says which.
 */
export { containerMean, containerRule, QUADRATURE, QUICK_QUADRATURE, type ContainerRule } from './containerMean';
export {
  containerCapacity,
  containerCapacityMethod,
  PROFILE_HEIGHTS,
  type ContainerCapacityInput,
  type ContainerCapacityResult,
} from './containerCapacity';
export { addCurve, RETENTION_ORDER } from './curveSlopes';
export { fitCurve, type CurveFit, type CurvePoint } from './fitCurve';
export {
  FIT_BOUNDS,
  fitRetention,
  type RetentionFitInput,
  type RetentionFitResult,
  type RetentionParameter,
} from './fitRetention';
export { retentionFitMethod } from './retentionFitMethod';
export { heightsOver, observedHeights, type ObservedHeights, type RetentionObservation } from './observation';
export {
  inferRetention,
  retentionInferMethod,
  type RetentionInferInput,
  type RetentionInferResult,
} from './inferRetention';
export { requireRetention, RETENTION, RETENTION_FIELDS, thetaAt, type Retention } from './retention';
