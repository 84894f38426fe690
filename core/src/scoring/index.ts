/**
 * Judging a product by a rubric: functions to 0..10, means, caps, what is missing.
 * A missing criterion is never a zero, and a cap names what capped.
 * Raters' values keep their spread; an agreed value stands beside them.
 */
export { agreement, agreementMethod, ENOUGH_ITEMS, type AgreementInput, type AgreementResult } from './agreement';
export { rank, RANK_DEFAULTS, rankMethod, type Ranked, type RankInput, type RankResult } from './rank';
export {
  score,
  scoreCriterion,
  scoreMethod,
  SCORE_DEFAULTS,
  type Aggregate,
  type CriterionKind,
  type ScoreCap,
  type ScoredCriterion,
  type ScoreInput,
  type ScoreResult,
} from './score';
export { scoreOf, windowMiss, type Range, type ScoreFunction } from './scoreFunction';
export { gammaDraw } from './gammaDraw';
export { normalDraw, seededRandom, seedOf, shuffled, type Random } from './seededRandom';
