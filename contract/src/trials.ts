import {
  TRIAL_LIMITS,
  TRIAL_SIGNS,
  type GrowthRatioResult,
  type SettledDifference,
  type TraitKey,
  type TrialMove,
  type TrialOut,
  type TrialPlan,
  type TrialPlot,
  type TrialReading,
  type TrialSign,
} from '@bent-pail/core';
import { ArrayMaxSize, ArrayUnique, IsBoolean, IsIn, IsInt, IsUUID, Matches, Max, Min } from 'class-validator';
import { ListWithAway } from './archive';
import { TRIAL_EVENTS, TRIAL_SORTS, TRIAL_STATES } from './choices';
import { IsDay, IsMoment, IsReal, IsWords, Optional } from './decorators';
import { KEY, KEY_SAYS, OBSERVED, SettleDifference } from './trialPlans';

const ID = { message: 'The id must be a UUID.' } as const;

/** Draws where everything stands; a seed of one's own makes the same layout for ever. */
export class LayOut {
  @Optional()
  @IsInt({ message: 'The seed is a whole number.' })
  @Min(0, { message: 'The seed is 0 or more.' })
  @Max(2 ** 31 - 1, { message: 'The seed is under 2147483648.' })
  seed?: number;
}

/** One cell of a day's readings. Kept for ever; the last of the same plot, plant, trait and day stands. */
export class NewTrialReading {
  @IsUUID('all', ID)
  id!: string;

  @IsUUID('all', { message: 'Name the plot by its id.' })
  plotId!: string;

  @IsInt({ message: 'Plants have whole numbers; 0 is the plot.' })
  @Min(0, { message: 'Plants have whole numbers; 0 is the plot.' })
  @Max(TRIAL_LIMITS.plants, { message: 'A plot has no such plant.' })
  plant!: number;

  @IsIn(OBSERVED, { message: `What is read is one of ${OBSERVED.join(', ')}.` })
  trait!: TraitKey | 'signs';

  @IsDay('Give the day as 2026-11-24.')
  on!: string;

  @Optional()
  @IsReal('The value is a number.')
  @Min(0, { message: 'The value is 0 or more.' })
  @Max(100_000, { message: 'Over a hundred thousand; check it.' })
  value?: number;

  /** Not there to be read, and not known why; or dead, which is a finding. */
  @Optional()
  @IsIn(['dead', 'missing'], { message: 'It is dead or missing.' })
  state?: 'dead' | 'missing';

  @Optional()
  @ArrayUnique({ message: 'Name what was seen once.' })
  @ArrayMaxSize(TRIAL_SIGNS.length, { message: 'Name what was seen once.' })
  @IsIn(TRIAL_SIGNS, { each: true, message: `What was seen is one of ${TRIAL_SIGNS.join(', ')}.` })
  signs?: TrialSign[];

  @IsMoment('Give the time as 2026-11-24T08:00:00Z.')
  takenAt!: string;
}

/** Something that happened in the middle of it: drawn into every chart. */
export class NewTrialEvent {
  @IsUUID('all', ID)
  id!: string;

  @IsDay('Give the day as 2026-11-24.')
  on!: string;

  @IsIn(TRIAL_EVENTS, { message: `It is one of ${TRIAL_EVENTS.join(', ')}.` })
  kind!: (typeof TRIAL_EVENTS)[number];

  @Optional()
  @IsWords(300, 'Say what happened in 1 to 300 letters.')
  words?: string;

  /** Key of a medium that it concerns alone. */
  @Optional()
  @Matches(KEY, KEY_SAYS)
  arm?: string;

  /** Water for each of its plots, mL. */
  @Optional()
  @IsReal('The water is a number of millilitres.')
  @Min(0.1, { message: 'The water is 0.1 mL or more.' })
  @Max(1e6, { message: 'Over a thousand litres; check it.' })
  water_mL?: number;

  /** A day on which the watering did not keep up: something wilted. */
  @Optional()
  @IsBoolean({ message: 'Say whether it kept up.' })
  keptUp?: boolean;
}

/** Leaves a plot out of the figures, or takes it in again: both stay in sight. */
export class TrialExclusion {
  @IsUUID('all', ID)
  id!: string;

  @IsUUID('all', { message: 'Name the plot by its id.' })
  plotId!: string;

  @IsBoolean({ message: 'Say whether it is left out.' })
  isOut!: boolean;

  @IsWords(200, 'Say why, in 1 to 200 letters.')
  reason!: string;
}

/** Two plots change places. */
export class NewTrialMove {
  @IsUUID('all', ID)
  id!: string;

  @IsUUID('all', { message: 'Name the plot by its id.' })
  plotId!: string;

  @IsUUID('all', { message: 'Name the other plot by its id.' })
  withId!: string;

  @IsDay('Give the day as 2026-11-24.')
  on!: string;

  @IsWords(200, 'Say why, in 1 to 200 letters.')
  reason!: string;
}

/** Says what of a difference besides the medium, after it was sown too. */
export class NewSettled extends SettleDifference {
  @IsUUID('all', ID)
  id!: string;
}

export class TrialsAsked extends ListWithAway {
  @Optional()
  @IsIn(TRIAL_SORTS, { message: `Sort by ${TRIAL_SORTS.join(', ')}.` })
  sort?: (typeof TRIAL_SORTS)[number];

  @Optional()
  @IsIn(TRIAL_STATES, { message: `A trial is one of ${TRIAL_STATES.join(', ')}.` })
  state?: (typeof TRIAL_STATES)[number];

  /** Those in which a lot grew. */
  @Optional()
  @IsUUID('all', { message: 'Name the lot by its id.' })
  lot?: string;

  /** Those in which a blend did. */
  @Optional()
  @IsUUID('all', { message: 'Name the blend by its id.' })
  blend?: string;
}

export type TrialState = (typeof TRIAL_STATES)[number];
export type TrialEventKind = (typeof TRIAL_EVENTS)[number];

export type RatioOfMedium = GrowthRatioResult['media'][number] & {
  /** Of the lot or blend. */
  readonly mediumId?: string;
  /** The version, where it is a blend. */
  readonly mediumN?: number;
};

export interface TrialRow {
  readonly id: string;
  readonly name: string;
  readonly question: string;
  readonly state: TrialState;
  readonly media: readonly string[];
  readonly species: readonly string[];
  readonly sownOn: string;
  readonly plots: number;
  readonly readings: number;
  /** What came of it, once it is finished and worked out: a sentence for each species. */
  readonly answers?: readonly string[];
  /** Ratio to the reference by medium, where it may be told. */
  readonly ratios?: readonly RatioOfMedium[];
  /** What the others are held against. */
  readonly reference: string;
  readonly archived?: true;
}

export interface TrialEventLine {
  readonly id: string;
  readonly on: string;
  readonly kind: TrialEventKind;
  readonly words?: string;
  readonly arm?: string;
  readonly water_mL?: number;
  readonly keptUp?: boolean;
  readonly by: string;
}

export interface SettledLine extends SettledDifference {
  readonly by: string;
  readonly at: string;
}

export interface TrialPage {
  readonly id: string;
  readonly name: string;
  readonly state: TrialState;
  readonly plan: TrialPlan;
  readonly secondOf?: { readonly id: string; readonly name: string };
  /** Once it is laid out. */
  readonly seed?: number;
  readonly plots: readonly TrialPlot[];
  readonly moves: readonly (TrialMove & { readonly by: string })[];
  /** Plots that are left out now. */
  readonly out: readonly (TrialOut & { readonly by: string; readonly at: string })[];
  readonly settledLater: readonly SettledLine[];
  readonly events: readonly TrialEventLine[];
  readonly readings: number;
  readonly laidOutAt?: string;
  readonly finishedAt?: string;
  readonly archived?: true;
  readonly by: string;
}

export interface KeptTrialReading extends TrialReading {
  readonly id: string;
}

/** A trial that has readings to take, or will soon. */
export interface TrialToday {
  readonly id: string;
  readonly name: string;
  /** The day of its next readings; today's where some are due. */
  readonly on: string;
  /** What is read on it. */
  readonly traits: readonly (TraitKey | 'signs')[];
  readonly planned: number;
  readonly left: number;
}
