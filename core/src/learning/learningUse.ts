import { KAPPA_PRIOR } from './kappa';
import type { PairShrink } from './pair';

/** From how many blends on anything is learnt, and how large a bias is believed in before it is seen. */
export const LEARNING = Object.freeze({
  least: 5,
  leastOfPair: 3,
  biasPrior: Object.freeze({ air: 0.03, water: 0.03, pH: 0.3 }),
});

export type Biased = keyof typeof LEARNING.biasPrior;

/** What the desk uses of it: all at rest until enough was measured. */
export interface LearningUse {
  readonly kappa: number;
  readonly kappa_se: number;
  /** Added to the prediction. */
  readonly bias: Readonly<Partial<Record<Biased, number>>>;
  /** Pairs that settle into each other in their own way; absent where none was learnt. */
  readonly pairs?: readonly PairShrink[];
}

export const NO_LEARNING: LearningUse = Object.freeze({
  kappa: KAPPA_PRIOR.mean,
  kappa_se: KAPPA_PRIOR.sd,
  bias: Object.freeze({}),
});
