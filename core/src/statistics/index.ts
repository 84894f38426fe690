/**
 * Spread of replicates: summary, outlier flag, remarks.
 * Student's t is found from its own tails, checked here against printed tables.
 * Nothing in here removes a value; exclusion is a person's act with a reason.
 */
export { fisherExact } from './fisherExact';
export { fQuantile } from './fQuantile';
export { grubbs, GRUBBS, type GrubbsResult } from './grubbs';
export {
  groupConsistency,
  groupConsistencyMethod,
  type GroupConsistencyInput,
  type GroupConsistencyResult,
  type GroupStanding,
} from './groupConsistency';
export {
  intervalScore,
  intervalScoreMethod,
  type IntervalScoreInput,
  type IntervalScoreResult,
  type ScoredGuess,
} from './intervalScore';
export { lotSpread, lotSpreadMethod, MOST_LOTS, type LotSpreadInput, type LotSpreadResult } from './lotSpread';
export { holm } from './holm';
export { normalBelow, normalQuantile } from './normal';
export { noncentralFBelow } from './noncentralF';
export { repeatability, repeatabilityMethod, type RepeatabilityInput, type RepeatabilityResult } from './repeatability';
export { replicates, replicatesMethod, type ReplicatesInput, type ReplicatesResult } from './replicates';
export {
  powerOf,
  replicatesNeeded,
  REPLICATES_NEEDED,
  replicatesNeededMethod,
  type ReplicatesNeededInput,
  type ReplicatesNeededResult,
} from './replicatesNeeded';
export { friedman, ranksOf, signedRank, type Friedman } from './rankTests';
export { medianOf, robustScores } from './robustScores';
export { rankSum } from './rankSum';
export { rangeAbove, rangeQuantile } from './studentizedRange';
export { studentT } from './studentT';
export { meanOf, sdOf } from './mean';
export { chiAbove, fAbove, tBeyond } from './tails';
export { wilson } from './wilson';
export { summarise, type Summary } from './summary';
export { methodSpread, USUAL_SD, type MethodSpread, type ReadBy } from './usualSpread';
