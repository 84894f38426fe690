/**
 * Spread of replicates: summary, outlier flag, remarks.
 * Student's t comes from a statistics library, checked here against printed tables.
 * Nothing in here removes a value; exclusion is a person's act with a reason.
 */
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
export { normalBelow, normalQuantile } from './normal';
export { noncentralFBelow } from './noncentralF';
export { repeatability, repeatabilityMethod, type RepeatabilityInput, type RepeatabilityResult } from './repeatability';
export { replicates, replicatesMethod, type ReplicatesInput, type ReplicatesResult } from './replicates';
export {
  replicatesNeeded,
  replicatesNeededMethod,
  type ReplicatesNeededInput,
  type ReplicatesNeededResult,
} from './replicatesNeeded';
export { medianOf, robustScores } from './robustScores';
export { studentT } from './studentT';
export { meanOf, sdOf } from './mean';
export { summarise, type Summary } from './summary';
export { methodSpread, USUAL_SD, type MethodSpread, type ReadBy } from './usualSpread';
