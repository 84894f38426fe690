/**
 * Bench protocols as data: ordered typed steps with unit, bounds, words, caution, timer and picture.
 * A run keeps the version that it was made with; changed content needs a new version.
 * A new protocol is one file, one test and one line below.
 */
import { DRAIN_CURVE } from './drainCurve';
import { KITCHEN_FORM } from './kitchenForm';
import type { Protocol } from './protocol';
import { RINSE } from './rinse';
import { SATURATE_DRAIN_DRY } from './saturateDrainDry';
import { SIEVE } from './sieve';
import { BAG_VOLUME, EC_1_TO_2, PH_1_TO_5 } from './singleReading';
import { SUCTION_TABLE } from './suctionTable';

/** All shipped protocols, the main one first. */
export const PROTOCOLS: readonly Protocol[] = [
  SATURATE_DRAIN_DRY,
  KITCHEN_FORM,
  PH_1_TO_5,
  EC_1_TO_2,
  BAG_VOLUME,
  SUCTION_TABLE,
  SIEVE,
  DRAIN_CURVE,
  RINSE,
];

export { inSentence } from './inSentence';
export { type CautionKey, type Protocol, type Reduction, type Step, type StepKind, type StepPicture } from './protocol';
