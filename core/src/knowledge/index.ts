/**
 * What is known of a lot: what is usual for its class before a reading, and every reading with its own standard error,
 * combined once. What is left in doubt is drawn from that, and travels as the readings themselves.
 */
export { bodyOf } from './body';
export { valueOf } from './chemistryOf';
export { covarianceOf } from './combine';
export { isSemiDefinite, lowerFactor } from './covariance';
export { type Seen } from './curveSights';
export { LotDraws } from './drawLot';
export { isBodyRead, isRead, kinOf, ownReadings } from './kin';
export { belief, knownCurve, type Belief, type CurveBandPoint, type LotCurveResult } from './knownCurve';
export { lotCurveMethod } from './lotCurveMethod';
export { LOT_READINGS, requireReadings, type Kin, type LotReadings } from './lotReadings';
export { priorOf, unknownGrains } from './prior';
export {
  ALONE,
  bodyFromScale,
  curveFactorToScale,
  curveFromScale,
  curveToScale,
  fromScale,
  logitSd,
  toScale,
  type Alone,
  type Body,
  type Chemistry,
} from './scales';
