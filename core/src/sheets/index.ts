/**
 * The sheet of a run: what a protocol asks, what was read, how the readings become values.
 * Only readings are kept; what stands in a cell, and every value, is worked out from them.
 * A replicate whose readings do not suffice has no value; one whose readings contradict each other says so.
 */
export { arithmetic } from './arithmetic';
export { byMethod, type Shipped } from './byMethod';
export { allOf, cellReplicate } from './cells';
export { isAsked, lastDry, stepsShown } from './drying';
export { KIND_OF_STEP } from './kindOfStep';
export {
  type CautionKey,
  type Protocol,
  type ProtocolResult,
  type Step,
  type StepKind,
  type StepPicture,
} from './protocol';
export { Sheet, type Cell, type Reading } from './reading';
export {
  attempt,
  replicateIndices,
  summarised,
  type FreshValue,
  type Reducer,
  type ReplicateValue,
  type RunProperty,
  type RunResult,
} from './reducer';
export {
  countedReplicates,
  packingWords,
  replicateName,
  RUN_DEFAULTS,
  runVesselVolume_mL,
  volumeOfReplicate_mL,
  type Exclusion,
  type PackingHabit,
  type RunRecord,
  type RunSettings,
  type RunVessel,
} from './runRecord';
export {
  isOneGrab,
  SAMPLE_LEAST_INCREMENTS,
  sampleWords,
  type Combined,
  type SampledFrom,
  type SamplePlan,
} from './samplePlan';
export { singleReading } from './singleReading';
export { correctedValue, valueOfReading } from './valueOfReading';
