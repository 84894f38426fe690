/**
 * What measured blends teach: how far parts really settle into each other, and whether something is off on all of them.
 * Blends of one lot share what is not known of it, so that many batches of few lots are not taken for more than they are.
 * What is learnt is judged on blends that it has not seen; the uncorrected prediction is always there.
 */
export { fitKappa, KAPPA_PRIOR, type KappaFit } from './kappa';
export { kappaFor, PAIR_SHARE } from './kappaFor';
export { learn, type Correction, type LearnedBlend, type LearnedProperty, type Learning } from './learn';
export { LEARNING, NO_LEARNING, type Biased, type LearningUse } from './learningUse';
export { type LeftOut } from './leaveOut';
export {
  MEASURABLE,
  mixedOf,
  type Measured,
  type MeasurableProperty,
  type MeasuredBlend,
  type MeasuredPart,
} from './measuredBlend';
export { type MixedPart, type Pair, type PairShrink } from './pair';
