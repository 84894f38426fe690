/** What a finding means for a use: one table of lines with their basis, and the sentences that come of it. */
export { changedTable, requireVerdictChange, type VerdictChange } from './changedTable';
export {
  maturityOf,
  MATURITY_LIMITS,
  MATURITY_STAGES,
  type Maturity,
  type MaturityEvidence,
  type MaturityStage,
} from './maturity';
export { VERDICT_TABLE } from './table';
export {
  CONDITION_WORDS,
  CONDITIONS,
  GRADES,
  STAGE_WORDS,
  VERDICT_USE_WORDS,
  VERDICT_USES,
  verdictUseOf,
  type Condition,
  type Grade,
  type VerdictUse,
} from './uses';
export { verdictsFor, type Found, type Unsaid, type Verdict, type Verdicts, type VerdictsInput } from './verdictsFor';
export { type Judged, type Unless, type VerdictLine } from './verdictLine';
export { mixVerdicts, type MixInput, type MixPart, type MixVerdicts, type PartVerdict } from './mixVerdicts';
export { foundInRun, foundOnCard } from './found';
