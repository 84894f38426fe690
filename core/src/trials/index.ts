/**
 * Grow-out trials: what a plan can tell, how it is laid out, what its readings say.
 * What was drawn by lot is what is compared; trays of one medium that stand alone are told apart from nothing.
 */
export { analyseTrial, type SpeciesFound, type TrialFound } from './analyse';
export type { ComparedTrait, TraitFound } from './comparedTrait';
export type { DeathsFound, SignFound, TurnFound } from './seenInTrial';
export { ageAlign, ageAlignMethod, type AgeAlignInput, type AgeAlignResult, type AlignedGroup } from './ageAlign';
export { compareGroups, compareGroupsMethod, type CompareGroupsInput, type CompareGroupsResult } from './compareGroups';
export {
  germination,
  germinationMethod,
  halfUp,
  type GerminationGroup,
  type GerminationInput,
  type GerminationPair,
  type GerminationResult,
} from './germination';
export { layout, layoutMethod, type LayoutInput, type LayoutResult, type Plot } from './layout';
export { lettersOf } from './letters';
export { BOOTSTRAP } from './bootstrapTrays';
export type { ComparedPair } from './compared';
export { darkGreen, darkGreenMethod, type DarkGreenInput } from './darkGreen';
export { dayIn } from './dayIn';
export { cellsLeft, dayAfter, nextDay, plannedCells, type DueCell } from './dueReadings';
export { growthRatio, growthRatioMethod, type GrowthRatioInput, type GrowthRatioResult } from './growthRatio';
export {
  CIRCUMSTANCE_WORDS,
  circumstanceOf,
  CIRCUMSTANCES,
  differencesOf,
  notTheMedium,
  SETTLED_HOW,
  SETTLED_WORDS,
  sownOn,
  unsettled,
  type Circumstance,
  type ArmDifference,
  type Observation,
  type SettledDifference,
  type SettledHow,
  type TrialArm,
  type TrialPlan,
  type TrialSpecies,
} from './plan';
export { planChecks, planSays, unitsOfEach, type PlanSays } from './planSays';
export { signTells, TRAIT_KEYS, TRAITS, TRIAL_SIGNS, type Trait, type TraitKey, type TrialSign } from './traits';
export type { ArmAtAge, PlotAtAge } from './traitOverAges';
export {
  trialPower,
  trialPowerMethod,
  USUAL_LIKENESS,
  type TrialPowerInput,
  type TrialPowerResult,
} from './trialPower';
export {
  daysBetween,
  placesNow,
  plotsOf,
  pulledPlants,
  standingReadings,
  type TrialMove,
  type TrialOut,
  type TrialPlot,
  type TrialReading,
  type TrialRecord,
} from './trialRecord';
export { requirePlan, requireTrialReading, TRIAL_LIMITS } from './requirePlan';
export { pairBeside } from './sentence';
