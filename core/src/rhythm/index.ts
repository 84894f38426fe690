/** How often to water a pot: every spacing followed, the least work that keeps the roots inside their limits. */
export {
  rhythm,
  RHYTHM_DEFAULTS,
  rhythmMethod,
  rhythmSteps,
  type RhythmInput,
  type RhythmResult,
  type Schedule,
} from './rhythm';
