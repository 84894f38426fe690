import {
  CIRCUMSTANCES,
  SETTLED_HOW,
  TRAIT_KEYS,
  TRIAL_LIMITS,
  type Circumstance,
  type SettledHow,
  type TraitKey,
  type TrialPlan,
} from '@bent-pail/core';
import { Type } from 'class-transformer';
import { ArrayMaxSize, IsArray, IsIn, IsInt, IsUUID, Matches, Max, Min, ValidateNested } from 'class-validator';
import { TRIAL_MEDIA, TRIAL_UNITS } from './choices';
import { IsDay, IsReal, IsWords, Nested, Optional } from './decorators';

const ID = { message: 'The id must be a UUID.' } as const;
export const KEY = /^[a-z0-9-]{1,24}$/;
export const KEY_SAYS = { message: 'A key is 1 to 24 small letters, digits and hyphens.' } as const;
/** What is read of a plot or a plant, signs among it. */
export const OBSERVED = ['signs', ...TRAIT_KEYS] as const;

/** Circumstances in words, of all media or of one. */
export class Circumstances {
  @Optional()
  @IsDay('Give the day of sowing as 2026-11-24.')
  sownOn?: string;

  @Optional()
  @IsWords(120, 'Say the variety in 1 to 120 letters.')
  variety?: string;

  @Optional()
  @IsWords(120, 'Say what covers the seed in 1 to 120 letters.')
  cover?: string;

  @Optional()
  @IsWords(120, 'Say the light in 1 to 120 letters.')
  light?: string;

  @Optional()
  @IsWords(120, 'Say the feed in 1 to 120 letters.')
  feed?: string;

  @Optional()
  @IsWords(120, 'Say the container in 1 to 120 letters.')
  container?: string;

  @Optional()
  @IsWords(200, 'Say the watering rule in 1 to 200 letters.')
  watering?: string;
}

export class CommonCircumstances extends Circumstances {
  @IsDay('Give the day of sowing as 2026-11-24.')
  declare sownOn: string;
}

export class PlannedArm {
  @Matches(KEY, KEY_SAYS)
  key!: string;

  @IsWords(60, 'Name it in 1 to 60 letters.')
  name!: string;

  @IsIn(TRIAL_MEDIA, { message: `It grows in one of ${TRIAL_MEDIA.join(', ')}.` })
  mediumKind!: (typeof TRIAL_MEDIA)[number];

  @Optional()
  @IsUUID('all', { message: 'Name the blend or lot by its id.' })
  mediumId?: string;

  /** Of a blend; where it is absent, the newest version is taken. */
  @Optional()
  @IsInt({ message: 'The version is a whole number.' })
  @Min(1, { message: 'The first version is 1.' })
  mediumN?: number;

  @Nested(() => Circumstances, 'Say what is otherwise with it, or nothing.')
  own!: Circumstances;
}

export class PlannedSpecies {
  @Matches(KEY, KEY_SAYS)
  key!: string;

  @IsWords(60, 'Name the species in 1 to 60 letters.')
  name!: string;

  @Optional()
  @IsWords(60, 'Name the variety in 1 to 60 letters.')
  variety?: string;

  @IsInt({ message: 'The number of seeds is whole.' })
  @Min(1, { message: 'Sow one seed at least.' })
  @Max(TRIAL_LIMITS.seeds, { message: `At most ${String(TRIAL_LIMITS.seeds)} seeds in each.` })
  seeds!: number;

  @IsInt({ message: 'The number of plants is whole.' })
  @Min(0, { message: 'Read 0 plants or more of each.' })
  @Max(TRIAL_LIMITS.plants, { message: `Read at most ${String(TRIAL_LIMITS.plants)} plants of each.` })
  plants!: number;

  @IsReal('The weight of a species is a number.')
  @Min(0.01, { message: 'A weight lies above 0.' })
  @Max(100, { message: 'A weight is 100 at most.' })
  weight!: number;
}

export class SettleDifference {
  @IsIn(CIRCUMSTANCES, { message: `It is one of ${CIRCUMSTANCES.join(', ')}.` })
  circumstance!: Circumstance;

  @IsIn(SETTLED_HOW, { message: `It is one of ${SETTLED_HOW.join(', ')}.` })
  how!: SettledHow;

  @IsWords(300, 'Say why, in 1 to 300 letters.')
  words!: string;
}

export class PlannedObservation {
  @IsIn(OBSERVED, { message: `What is read is one of ${OBSERVED.join(', ')}.` })
  trait!: TraitKey | 'signs';

  @IsArray({ message: 'Give the days as a list.' })
  @ArrayMaxSize(TRIAL_LIMITS.agesOfTrait, { message: `Read it on at most ${String(TRIAL_LIMITS.agesOfTrait)} days.` })
  @IsInt({ each: true, message: 'Days after sowing are whole.' })
  ages!: number[];
}

/** What is done at an age. */
class AtAge {
  @IsInt({ message: 'The age is a whole number of days.' })
  @Min(1, { message: 'From the first day on.' })
  @Max(TRIAL_LIMITS.age_d, { message: 'Over a year; check it.' })
  age_d!: number;
}

export class CullingRule extends AtAge {
  @IsInt({ message: 'How many is a whole number.' })
  @Min(1, { message: 'Fewer than 1 is none; give 1 or more.' })
  @Max(TRIAL_LIMITS.seeds, { message: 'That is more than may be sown.' })
  under!: number;
}

export class PullRule extends AtAge {
  @IsInt({ message: 'How many is a whole number.' })
  @Min(1, { message: 'Pull one at least, or none is pulled.' })
  @Max(TRIAL_LIMITS.plants, { message: 'That is more than are read.' })
  each!: number;
}

export class AskedOfTrial {
  @IsIn(TRAIT_KEYS, { message: `It rests on one of ${TRAIT_KEYS.join(', ')}.` })
  trait!: TraitKey;

  @IsReal('Say how large a difference matters.')
  @Min(1e-6, { message: 'The difference lies above 0.' })
  @Max(1e6, { message: 'That is too large; check it.' })
  difference!: number;

  @IsReal('Say how much units of one medium are thought to vary.')
  @Min(1e-6, { message: 'The spread lies above 0.' })
  @Max(1e6, { message: 'That is too large; check it.' })
  sd!: number;
}

/** What a trial asks, of which media, and how it is laid out and kept: all before it is sown. */
export class PlannedTrial implements TrialPlan {
  @IsWords(300, 'Ask in 1 to 300 letters.')
  question!: string;

  @IsArray({ message: 'Give the media as a list.' })
  @ArrayMaxSize(TRIAL_LIMITS.arms, { message: `At most ${String(TRIAL_LIMITS.arms)} media.` })
  @ValidateNested({ each: true })
  @Type(() => PlannedArm)
  arms!: PlannedArm[];

  @Matches(KEY, { message: 'Say which of them the others are held against.' })
  reference!: string;

  @IsArray({ message: 'Give the species as a list.' })
  @ArrayMaxSize(TRIAL_LIMITS.species, { message: `At most ${String(TRIAL_LIMITS.species)} species.` })
  @ValidateNested({ each: true })
  @Type(() => PlannedSpecies)
  species!: PlannedSpecies[];

  @IsIn(TRIAL_UNITS, { message: `What is drawn by lot is one of ${TRIAL_UNITS.join(', ')}.` })
  unit!: (typeof TRIAL_UNITS)[number];

  @IsWords(60, 'Say what a block is, in 1 to 60 letters.')
  blockIs!: string;

  @IsInt({ message: 'The number of blocks is whole.' })
  @Min(1, { message: 'There is one block at least.' })
  @Max(TRIAL_LIMITS.blocks, { message: `At most ${String(TRIAL_LIMITS.blocks)} blocks.` })
  blocks!: number;

  @Optional()
  @IsInt({ message: 'The places of a block are a whole number.' })
  @Min(2, { message: 'A block has two places at least.' })
  @Max(TRIAL_LIMITS.arms, { message: 'A block has no more places than there are media.' })
  perBlock?: number;

  @Nested(() => CommonCircumstances, 'Say when and how all are sown.')
  common!: CommonCircumstances;

  @IsArray({ message: 'Give what was settled as a list.' })
  @ArrayMaxSize(CIRCUMSTANCES.length, { message: 'Settle each difference once.' })
  @ValidateNested({ each: true })
  @Type(() => SettleDifference)
  settled!: SettleDifference[];

  @IsArray({ message: 'Give what is read as a list.' })
  @ArrayMaxSize(OBSERVED.length, { message: 'Each stands once.' })
  @ValidateNested({ each: true })
  @Type(() => PlannedObservation)
  observe!: PlannedObservation[];

  @Optional()
  @Nested(() => CullingRule, 'Say how many at which age.')
  culling?: CullingRule;

  @Optional()
  @Nested(() => PullRule, 'Say how many at which age.')
  pull?: PullRule;

  @Nested(() => AskedOfTrial, 'Say what the answer rests on.')
  asks!: AskedOfTrial;

  @IsInt({ message: 'Days are whole.' })
  @Min(0, { message: 'From 0 days on.' })
  @Max(7, { message: 'A week at most.' })
  within_d!: number;
}

export class NewTrial {
  @IsUUID('all', ID)
  id!: string;

  @IsWords(80, 'Name the trial in 1 to 80 letters.')
  name!: string;

  @Nested(() => PlannedTrial, 'Give the plan.')
  plan!: PlannedTrial;

  /** A second crop in the same pots: the trial whose plots are sown again. */
  @Optional()
  @IsUUID('all', { message: 'Name the trial by its id.' })
  secondOf?: string;
}

export class EditTrial {
  @IsWords(80, 'Name the trial in 1 to 80 letters.')
  name!: string;

  @Nested(() => PlannedTrial, 'Give the plan.')
  plan!: PlannedTrial;
}
