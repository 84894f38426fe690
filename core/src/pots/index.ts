/**
 * A pot through days: what it is set up as, where it stands, how it is watered; followed hour by hour, with what is not
 * sure of it.
 */
export { POT_ACT_WORDS, POT_ACTS, type PotAct } from './acts';
export { potAdvice, repotCheck, REPOT_d, type PotAdvice } from './advice';
export { columnOf, rhythmOf } from './columnOf';
export { conductivityByCurve, conductivityOf, type Conductivity } from './conductivity';
export {
  dryDownOf,
  sinceRepotted,
  depthsOf,
  potVolume_L,
  standNow,
  type AskedOfWeights,
  type DiaryLine,
  type GivenFeed,
} from './diary';
export {
  CLIMATES,
  DRESSING_Lm2,
  judgeTops,
  monthOf,
  PLACE_KIND_WORDS,
  PLACE_KINDS,
  placeChecks,
  TOPS,
  yearAt,
  type GrowingPlace,
  type JudgedTop,
  type PlaceKind,
  type PlaceMonth,
  type TopKey,
} from './places';
export { filledMedium, slumpShare, type FilledMedium } from './medium';
export { carriedOff_mg } from './carriedOff';
export { foodOf, type PotFood } from './nutrition';
export {
  COARSE,
  dailyUse_mL,
  DRESSINGS,
  POT_SETUP,
  rainOf,
  roundContainer,
  SOILS,
  type DressingKey,
  type PotExtras,
  type PotMedium,
  type PotSetup,
  type SoilKey,
  type WateringPlan,
} from './potSetup';
export { MOISTURES, pourTest, type Moisture, type PouredOn, type PourSays } from './pourTest';
export { POT_SIGN_KEYS, POT_SIGNS, type PotSign } from './signs';
export { giveOrTake } from './giveOrTake';
export { WATCH_METHOD, watchDiary, type PotWatch, type WatchedDiary, type WateringDue } from './watch';
export { DRYING_d, POT_DRAWS, potBandsSteps, type PotBands } from './potBands';
export { STANDS, standOf, type StandKey, type StandWeather } from './stands';
export { NEEDS, needsOf, type NeedsKey, type PlantNeeds } from './needs';
export { spansOf, watchPotSteps, type WatchedPot } from './watchPot';
