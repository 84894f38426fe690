/**
 * Bench protocols as data: ordered typed steps with unit, bounds, words, caution, timer and picture.
 * A run keeps the version that it was made with; changed content needs a new version.
 * A new protocol is one file, one test and one line below.
 */
import { invariant } from '../errors';
import { arithmetic, type Protocol, type Reducer, type Shipped } from '../sheets';
import { BALL_RIBBON } from './ballRibbon';
import { BUFFERING } from './buffering';
import { CONSTANT_HEAD } from './constantHead';
import { DUST } from './dust';
import { DURABILITY } from './durability';
import { SEPARATION } from './separation';
import { SETS_HARD } from './setsHard';
import { DROP_PENETRATION } from './dropPenetration';
import { DRY_BULK_DENSITY } from './dryBulkDensity';
import { EC_1_TO_5 } from './ecOneToFive';
import { EVENNESS } from './evenness';
import { EXPANSION } from './expansion';
import { FALLING_HEAD } from './fallingHead';
import { FLOAT_RINSE } from './floatRinse';
import { FRIABILITY } from './friability';
import { GRAIN_CARD } from './grainCard';
import { HEFT } from './heft';
import { HYDRATION_EFFICIENCY } from './hydration';
import { JAR } from './jar';
import { LAB_REPORT } from './labReport';
import { LOOK } from './look';
import { LOOK_FRESH_DRY } from './lookFreshDry';
import { MATURITY } from './maturity';
import { PALM_GRIT } from './palmGrit';
import { PESTS } from './pests';
import { PH_CACL2 } from './phCalciumChloride';
import { PH_1_TO_2 } from './phOneToTwo';
import { PH_PASTE } from './phPaste';
import { POUR_TEST } from './pourTest';
import { POUR_THROUGH } from './pourThrough';
import { RINSE_COLOUR } from './rinseColour';
import { SEVERAL_DEPTHS } from './severalDepths';
import { SETTLING } from './settling';
import { SIEVE_YIELD } from './sieveYield';
import { SMELL } from './smell';
import { SQUEEZE } from './squeeze';
import { UNKNOWNS } from './unknowns';
import { WEEDS } from './weeds';
import { WET_MAT } from './wetMat';
import { DRAIN_CURVE } from './drainCurve';
import { KITCHEN_FORM } from './kitchenForm';
import { RINSE } from './rinse';
import { SATURATE_DRAIN_DRY } from './saturateDrainDry';
import { SIEVE } from './sieve';
import { BAG_VOLUME, EC_1_TO_2, PH_1_TO_5 } from './singleReading';
import { STACKED_RINGS } from './stackedRings';
import { SUCTION_TABLE } from './suctionTable';

/** Shipped protocols by what they tell of, the main one first. */
const GROUPS: readonly { readonly label: string; readonly protocols: readonly (Protocol | Shipped)[] }[] = [
  {
    label: 'Water and air',
    protocols: [
      SATURATE_DRAIN_DRY,
      KITCHEN_FORM,
      SUCTION_TABLE,
      SEVERAL_DEPTHS,
      STACKED_RINGS,
      DRY_BULK_DENSITY,
      HEFT,
      EVENNESS,
    ],
  },
  {
    label: 'Drainage and wetting',
    protocols: [DRAIN_CURVE, POUR_TEST, CONSTANT_HEAD, FALLING_HEAD, DROP_PENETRATION, HYDRATION_EFFICIENCY, WET_MAT],
  },
  {
    label: 'pH and salts',
    protocols: [PH_1_TO_5, PH_1_TO_2, PH_PASTE, PH_CACL2, POUR_THROUGH, EC_1_TO_2, EC_1_TO_5, BUFFERING, RINSE],
  },
  { label: 'Grains', protocols: [SIEVE, SIEVE_YIELD, FRIABILITY, JAR, PALM_GRIT, FLOAT_RINSE, GRAIN_CARD, DURABILITY] },
  {
    label: 'By hand and eye',
    protocols: [
      SQUEEZE,
      BALL_RIBBON,
      SMELL,
      LOOK,
      LOOK_FRESH_DRY,
      RINSE_COLOUR,
      MATURITY,
      WEEDS,
      PESTS,
      UNKNOWNS,
      DUST,
      SETS_HARD,
    ],
  },
  { label: 'The bag, the lab, time', protocols: [BAG_VOLUME, SEPARATION, EXPANSION, LAB_REPORT, SETTLING] },
];

const protocolOf = (one: Protocol | Shipped): Protocol => ('protocol' in one ? one.protocol : one);

export const PROTOCOL_GROUPS: readonly { readonly label: string; readonly protocols: readonly Protocol[] }[] =
  GROUPS.map(({ label, protocols }) => ({ label, protocols: protocols.map(protocolOf) }));

/** All shipped protocols. */
export const PROTOCOLS: readonly Protocol[] = PROTOCOL_GROUPS.flatMap(({ protocols }) => protocols);

/** How each kind of sheet becomes results: by arithmetic that the protocol spells out, or by a way that ships with it. */
const REDUCERS: ReadonlyMap<string, Reducer> = new Map([
  ['arithmetic', arithmetic],
  ...GROUPS.flatMap(({ protocols }) => protocols)
    .filter((one) => 'reduce' in one)
    .map(({ protocol, reduce }) => [protocol.reduction, reduce] as const),
]);

/** The way in which a protocol's sheet becomes results. */
export function reducerOf({ key, reduction }: Protocol): Reducer {
  const found = REDUCERS.get(reduction);
  invariant(found !== undefined, `protocol ${key} is reduced by ${reduction}, which does not ship`);
  return found;
}

export { COPY_LIMITS, copyProtocol, type ProtocolEdits, type StepEdit } from './copyProtocol';
export { LAB_REPORT } from './labReport';
export { inSentence } from './inSentence';
export { settledDepth_cm } from './porosityReadings';
export { judge as judgedStep, read as readStep, wait as waitStep } from './steps';
export { retentionObservationsOf } from './retentionSheet';
