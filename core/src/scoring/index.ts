/**
 * Judging a product by a rubric: functions to 0..10, means, caps, what is missing.
 * A missing criterion is never a zero, and a cap names what capped.
 * Raters' values keep their spread; an agreed value stands beside them.
 */
export {
  score,
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
export { normalDraw, seededRandom, type Random } from './seededRandom';
