/**
 * How much water a medium keeps at a suction, and so in a container of any depth.
 * Suction is positive and equals the height above a freely drained base.
 * A curve is measured, inferred from one depth, or fitted to a predicted one; each says which.
 */
export { containerMean, containerRule, QUADRATURE, type ContainerRule } from './containerMean';
export {
  containerCapacity,
  PROFILE_HEIGHTS,
  type ContainerCapacityInput,
  type ContainerCapacityResult,
} from './containerCapacity';
export { FIT_BOUNDS, fitCurve, type CurveFit, type CurvePoint } from './fitCurve';
export { ALPHA_BOUNDS, inferRetention, type RetentionInferInput, type RetentionInferResult } from './inferRetention';
export { requireRetention, thetaAt, type Retention } from './retention';
