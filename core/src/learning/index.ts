/**
 * What measured blends teach the prediction: how far parts really settle into each other, and what it gets wrong
 * every time.
 * A correction is used only if it lowers the error on blends that it has not seen by more than that is uncertain.
 * The uncorrected prediction is never lost.
 */
export { learn, type Correction, type LearnedBlend, type LearnedProperty, type Learning } from './learn';
export { LEARNING, NO_LEARNING, type LearningUse } from './learningUse';
export { kappaFor, PAIR_SHARE } from './kappaFor';
export { type MixedPart, type Pair, type PairShrink } from './pair';
export { fitKappa, KAPPA_PRIOR, type KappaFit } from './kappa';
export { MEASURABLE, type Measured, type MeasurableProperty, type MeasuredBlend } from './measuredBlend';
