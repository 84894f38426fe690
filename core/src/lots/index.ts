/**
 * What is known of one lot: figures from its runs, its water curve, its pail, what is still missing.
 * The same figures feed the card, the blend desk and the score, so they cannot disagree.
 * A value by another method is never merged; a class figure is always marked as one.
 */
export { componentOfLot, type ComponentOrigin, type LotComponent } from './componentOfLot';
export { type FirmingLoss } from './firmingLoss';
export { inPot, type InPot } from './inPot';
export { CARD_METHOD, lotCard, pailOfClass, type LotCard, type MissingFigure, type PailFigures } from './lotCard';
export { lotCurve, type LotCurve } from './lotCurve';
export { lotFigures, type LotFigure, type Origin } from './lotFigures';
export {
  countedOf,
  materialSpread,
  type CountedFigure,
  type LotAmongOthers,
  type MaterialSpread,
} from './materialSpread';
export { methodKeyOf, methodWords, type MethodKey } from './methodKey';
export { type LotFacts } from './lotFacts';
export { type LotRecord } from './lotRecord';
