/**
 * Judging a bought product: the rubric, what its lot was found to be, what the panel said, the card.
 * Measured criteria are stated at the use's own container; panel values enter once all raters are in.
 * Each shipped rubric is data; a changed one needs a new version.
 */
import { BEDS } from './beds';
import { POTS_ALL_ROUND } from './potsAllRound';
import type { Rubric } from './rubric';
import { SEED_AND_PLUGS } from './seedAndPlugs';

export const RUBRICS: readonly Rubric[] = [POTS_ALL_ROUND, SEED_AND_PLUGS, BEDS];

export { MOST_CRITERIA, requireRubric } from './requireRubric';

export { type CriterionSource, type JudgedFigure, type Rubric, type RubricCriterion } from './rubric';
export { ENOUGH_WEIGHT, weightIn } from './weightIn';
export {
  scorecard,
  scoredCriteria,
  TOO_FAR_APART,
  type AgreedMark,
  type CardCriterion,
  type Override,
  type Rating,
  type Scorecard,
  type Told,
} from './scorecard';
export { blindCodes, MOST_SAMPLES, tastingOrder, warmUpSaid, type WarmUpMark, type WarmUpSaid } from './sitting';
export { elementWord, type KnownOfProduct } from './foundOf';
export { growthOf, type Growth, type GrowthMark, type SpeciesGrowth } from './growth';
export { tellApart, type Difference } from './tellApart';
