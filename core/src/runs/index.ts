/**
 * From a sheet of readings to results: which reading stands, what is still missing, what looks wrong.
 * Readings are only added; corrections and exclusions stay in sight with their reasons.
 * A result is computed from the readings each time and carries the working of every number.
 */
export { Sheet, type Cell, type Reading } from './reading';
export { isAsked, stepsShown } from './drying';
export { settledDepth_cm } from './porosityRun';
export { retentionObservationsOf } from './retentionRun';
export { type ReplicateValue, type RunProperty, type RunResult } from './reducer';
export { reduceRun } from './reduceRun';
export {
  countedReplicates,
  packingWords,
  replicateName,
  RUN_DEFAULTS,
  runVesselVolume_mL,
  type Exclusion,
  type PackingHabit,
  type RunRecord,
  type RunSettings,
  type RunVessel,
} from './runRecord';
export { parseNumber, type TypedNumber } from './parseNumber';
export { dueJobs, type DueJob } from './dueJobs';
export { cellReplicate, runProgress, type Hold, type NextStep, type RunProgress } from './progress';
export { readingRefusal } from './readingRefusal';
export {
  isOneGrab,
  SAMPLE_LEAST_INCREMENTS,
  sampleWords,
  type Combined,
  type SampledFrom,
  type SamplePlan,
} from './samplePlan';
export { defaultSettings } from './runDefaults';
export { runWaits, type RunWaits, type WaitingHold } from './runWaits';
