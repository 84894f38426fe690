import { KAPPA_PRIOR } from './kappa';
import type { PairShrink } from './pair';

/**
 * How surely a bias or a pair must show before it is believed: by chance in one of a hundred notebooks that have none, over
 * all that are asked for, were everything normal; as it is, in three of a hundred (`npm run trials`, at most five). From
 * how many blends on it is asked for, and how large each is believed to be before it is seen.
 */
export const LEARNING = Object.freeze({
  wrongly: 0.01,
  least: 3,
  biasPrior: Object.freeze({ air: 0.03, water: 0.03, pH: 0.3 }),
  pairPrior: 0.4,
});

export type Biased = keyof typeof LEARNING.biasPrior;

/** What the desk uses of it. */
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
