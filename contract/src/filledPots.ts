import {
  FEEDERS,
  MOISTURES,
  POT_SIGN_KEYS,
  STANDS,
  type Feeder,
  type Moisture,
  type PotAct,
  type PotSign,
  type StandKey,
} from '@bent-pail/core';
import { ArrayMaxSize, ArrayUnique, IsInt, IsIn, IsUUID, Max, Min } from 'class-validator';
import type { BlendVersion } from './blends';
import { POT_ENTRY_KINDS, POT_GROUPS, POT_MEDIA, POT_SORTS } from './choices';
import { IsDay, IsMoment, IsReal, IsWords, Nested, Optional } from './decorators';
import { ListWithAway } from './archive';
import { PotShape } from './vessels';

export type PotEntryKind = (typeof POT_ENTRY_KINDS)[number];
export type PotMediumKind = (typeof POT_MEDIA)[number];

const STAND_KEYS = STANDS.map(({ key }) => key);
const STAND_SAYS = `It stands in one of ${STAND_KEYS.join(', ')}.`;

/** A pot or bed that was filled and has a life from then on, or several alike. */
export class NewFilledPot {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsWords(80, 'Name the pot in 1 to 80 letters.')
  name!: string;

  /** So many alike. */
  @IsInt({ message: 'How many there are is a whole number.' })
  @Min(1, { message: 'There is one at least.' })
  @Max(100_000, { message: 'Over a hundred thousand pots; check it.' })
  count!: number;

  /** What is in it: a blend in the version that was kept last by then, or a lot. */
  @IsIn(POT_MEDIA, { message: `What is in it is one of ${POT_MEDIA.join(', ')}.` })
  mediumKind!: PotMediumKind;

  @IsUUID('all', { message: 'Name the blend or lot by its id.' })
  mediumId!: string;

  @Nested(() => PotShape, 'Give the pot’s inner depth and, if it tapers, its diameters.')
  shape!: PotShape;

  @Optional()
  @IsWords(80, 'Name the plant in 1 to 80 letters.')
  plant?: string;

  @IsDay('Give the day as 2026-11-24.')
  filledOn!: string;

  /** Depth of the medium as it was filled, before the first watering. */
  @Optional()
  @IsReal('The depth must be a number of centimetres.')
  @Min(0.5, { message: 'The depth of the medium must be 0.5 cm or more.' })
  @Max(200, { message: 'Over 200 cm of medium; check it.' })
  fill_cm?: number;

  @IsIn(STAND_KEYS, { message: STAND_SAYS })
  stand!: StandKey;

  @Optional()
  @IsWords(120, 'Say where it stands in 1 to 120 letters.')
  place?: string;

  /** One of the places that are known by month, whose name it then has. */
  @Optional()
  @IsUUID('all', { message: 'Name the place by its id.' })
  placeId?: string;

  /** How hungry its plant is; absent: as most. */
  @Optional()
  @IsIn(FEEDERS, { message: `Its plant is a feeder of one of ${FEEDERS.join(', ')}.` })
  feeder?: Feeder;
}

/** What one pot was fed: so strong a solution, or so much of something that lasts. */
export class PotFeed {
  @Optional()
  @IsReal('The nitrogen must be a number of milligrams a litre.')
  @Min(0, { message: 'The nitrogen must be 0 mg/L or more.' })
  @Max(5000, { message: 'Over 5000 mg/L of nitrogen; check it.' })
  n_mgL?: number;

  @Optional()
  @IsReal('The feed must be a number of grams.')
  @Min(0.01, { message: 'The feed must be 0.01 g or more.' })
  @Max(1e6, { message: 'Over a tonne of feed; check it.' })
  g?: number;

  @Optional()
  @IsReal('Its nitrogen must be a number of percent.')
  @Min(0, { message: 'Its nitrogen must be 0 % or more.' })
  @Max(50, { message: 'Its nitrogen must be up to 50 %.' })
  n_percent?: number;

  @Optional()
  @IsReal('How long it lasts must be a number of days.')
  @Min(1, { message: 'It lasts a day at least.' })
  @Max(730, { message: 'Over two years; check it.' })
  lasts_d?: number;
}

/** What a jug poured on the pot did, in seconds from the moment of pouring. */
export class PourSeen {
  @IsIn(MOISTURES.map(({ key }) => key), {
    message: `It was one of ${MOISTURES.map(({ key }) => key).join(', ')} before.`,
  })
  moisture!: Moisture;

  @Optional()
  @IsReal('The first drip must be a number of seconds.')
  @Min(0, { message: 'The first drip comes after 0 s.' })
  @Max(86400, { message: 'Over a day; check it.' })
  firstDrip_s?: number;

  @Optional()
  @IsReal('The last drip must be a number of seconds.')
  @Min(0, { message: 'The last drip comes after 0 s.' })
  @Max(86400, { message: 'Over a day; check it.' })
  lastDrip_s?: number;

  @Optional()
  @IsReal('What ran over must be a number of millilitres.')
  @Min(0, { message: 'What ran over must be 0 mL or more.' })
  @Max(1e6, { message: 'Over a thousand litres; check it.' })
  runoff_mL?: number;
}

/** A line of a pot's diary: what was done or seen, when. Only ever added. */
export class NewPotEntry {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsMoment('Give the time as 2026-11-24T08:00:00Z.')
  at!: string;

  @IsIn(POT_ENTRY_KINDS, { message: `An entry is one of ${POT_ENTRY_KINDS.join(', ')}.` })
  kind!: PotEntryKind;

  /** Of a watering; absent: until it ran. */
  @Optional()
  @IsReal('The water must be a number of millilitres.')
  @Min(1, { message: 'The water must be 1 mL or more.' })
  @Max(1e7, { message: 'Over ten thousand litres; check it.' })
  volume_mL?: number;

  /** Of the whole pot. */
  @Optional()
  @IsReal('The mass must be a number of grams.')
  @Min(1, { message: 'The mass must be 1 g or more.' })
  @Max(1e7, { message: 'Over ten tonnes; check it.' })
  mass_g?: number;

  /** Of the medium; for a top-up the depth that it was raised to. */
  @Optional()
  @IsReal('The depth must be a number of centimetres.')
  @Min(0.5, { message: 'The depth of the medium must be 0.5 cm or more.' })
  @Max(200, { message: 'Over 200 cm of medium; check it.' })
  depth_cm?: number;

  @Optional()
  @Nested(() => PotFeed, 'Say what it was fed: a strength, or grams and percent.')
  feed?: PotFeed;

  @Optional()
  @Nested(() => PourSeen, 'Say how moist it was, and when it dripped.')
  pour?: PourSeen;

  /** What was seen of it. */
  @Optional()
  @ArrayUnique({ message: 'Name what was seen once.' })
  @ArrayMaxSize(POT_SIGN_KEYS.length, { message: 'Name what was seen once.' })
  @IsIn(POT_SIGN_KEYS, { each: true, message: `What was seen is one of ${POT_SIGN_KEYS.join(', ')}.` })
  signs?: PotSign[];

  /** Where it stands from then on. */
  @Optional()
  @IsIn(STAND_KEYS, { message: STAND_SAYS })
  stand?: StandKey;

  /** What it was repotted into, where that is another medium: a blend as it is kept now, or a lot. */
  @Optional()
  @IsIn(POT_MEDIA, { message: `What is in it is one of ${POT_MEDIA.join(', ')}.` })
  mediumKind?: PotMediumKind;

  @Optional()
  @IsUUID('all', { message: 'Name the blend or lot by its id.' })
  mediumId?: string;

  /** The pot that it was repotted into, where that is another. */
  @Optional()
  @Nested(() => PotShape, 'Give the pot’s inner depth and, if it tapers, its diameters.')
  shape?: PotShape;

  @Optional()
  @IsWords(400, 'Keep it to 400 letters.')
  words?: string;
}

export class FilledPotsAsked extends ListWithAway {
  @Optional()
  @IsIn(POT_SORTS, { message: `Sort by ${POT_SORTS.join(', ')}.` })
  sort?: (typeof POT_SORTS)[number];

  @Optional()
  @IsIn(POT_GROUPS, { message: `Put together by ${POT_GROUPS.join(', ')}.` })
  group?: (typeof POT_GROUPS)[number];
}

export interface FilledPotRow {
  readonly id: string;
  readonly name: string;
  readonly count: number;
  /** What is in it now, and in which pot: since it was repotted, if it was. */
  readonly mediumKind: PotMediumKind;
  readonly mediumId: string;
  readonly medium: string;
  /** The version, where that is a blend. */
  readonly mediumN?: number;
  readonly shape: PotShape;
  readonly plant?: string;
  readonly filledOn: string;
  readonly fill_cm?: number;
  readonly stand: StandKey;
  readonly place?: string;
  readonly placeId?: string;
  readonly feeder?: Feeder;
  readonly entries: number;
  readonly lastAt?: string;
  /** When its life ended. */
  readonly emptiedAt?: string;
  /** Put away: it is listed no more. */
  readonly archived?: true;
  /** When it is to be watered next, and the 90 % band: as its weights taught by its last line. */
  readonly next?: { readonly at: string; readonly from: string; readonly to: string };
}

/** What a pot asks for, as the page of today shows it. */
export interface PotJobRow {
  readonly potId: string;
  readonly pot: string;
  readonly place?: string;
  readonly act: PotAct;
  /** Absent: at any time. */
  readonly at?: string;
  /** Of a watering: the 90 % band. */
  readonly band?: { readonly from: string; readonly to: string };
  /** Why, in a sentence. */
  readonly why?: string;
}

export interface PotEntryLine {
  readonly id: string;
  readonly at: string;
  readonly kind: PotEntryKind;
  readonly volume_mL?: number;
  readonly mass_g?: number;
  readonly depth_cm?: number;
  readonly feed?: PotFeed;
  readonly pour?: PourSeen;
  readonly signs?: readonly PotSign[];
  readonly stand?: StandKey;
  /** What it was repotted into. */
  readonly medium?: string;
  readonly shape?: PotShape;
  readonly words?: string;
  readonly by: string;
}

export interface FilledPotPage extends FilledPotRow {
  /** The version of the blend that is in it, where it is one. */
  readonly held?: Pick<BlendVersion, 'n' | 'recipe' | 'flat'>;
  /** Oldest first. */
  readonly diary: readonly PotEntryLine[];
}
