import { RUN_GROUPS, RUN_SORTS, RUN_STATES } from './choices';
import type { RunNote, RunPhoto } from './notes';
import type { Archiving, TakenBack } from './takenBack';
import type { InstrumentRow } from './instruments';
import type {
  Combined,
  Exclusion,
  PackingHabit,
  Protocol,
  Reading,
  RunSettings,
  RunVessel,
  RunWaits,
  SampledFrom,
  SamplePlan,
} from '@bent-pail/core';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsPositive,
  IsString,
  IsUUID,
  Length,
  Max,
  MaxLength,
  Min,
  ValidateIf,
} from 'class-validator';
import { IsMoment, IsReal, IsWords, Nested, Optional } from './decorators';
import { ListAsked } from './lists';

/** Beyond what any instrument or clock shows; each step has bounds of its own. */
const MOST_READ = 1e12;

export class RunSettingsBody {
  @IsIn(['loose', 'tapped', 'firmed', 'pressed'], {
    message: 'Say how it is packed: loose, tapped, firmed or pressed.',
  })
  packingHabit!: PackingHabit;

  /** Asked for where it is pressed: the load is part of the value. */
  @ValidateIf(({ packingHabit, press_gcm2 }: RunSettingsBody) => packingHabit === 'pressed' || press_gcm2 !== undefined)
  @IsReal('Say with what load it is pressed, in g/cm².')
  @IsPositive({ message: 'The load must be above 0 g/cm².' })
  @Max(10000, { message: 'The load is over 10 kg/cm²; check it.' })
  press_gcm2?: number;

  @IsReal('The soak must be a number of minutes.')
  @Min(0, { message: 'The soak cannot be negative.' })
  @Max(20160, { message: 'The soak is over two weeks; check it.' })
  soak_min!: number;

  @IsReal('The drain time must be a number of minutes.')
  @Min(1, { message: 'Drain for at least a minute.' })
  @Max(2880, { message: 'The drain time is over two days; check it.' })
  drain_min!: number;

  @IsReal('The oven must be a number of °C.')
  @Min(30, { message: 'An oven under 30 °C dries nothing.' })
  @Max(105, { message: 'Never dry above 105 °C: organic matter chars and may burn.' })
  ovenTemp_C!: number;
}

export class SamplePlanBody {
  @IsIn(['bag', 'heap', 'bin', 'pot'], { message: 'Say where the sample was taken from: bag, heap, bin or pot.' })
  from!: SampledFrom;

  @IsInt({ message: 'The number of increments must be whole.' })
  @Min(1, { message: 'A sample has at least one increment.' })
  @Max(100, { message: 'Over 100 increments; check it.' })
  increments!: number;

  @IsIn(['as-taken', 'mixed', 'quartered'], { message: 'Say whether it was mixed and quartered.' })
  combined!: Combined;

  @IsBoolean({ message: 'Say whether the fines were mixed back in.' })
  finesMixedBack!: boolean;

  @Optional()
  @IsBoolean({ message: 'Say whether it was moistened.' })
  moistened?: boolean;
}

export class NewRun {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsUUID('all', { message: 'Say which lot is measured.' })
  lotId!: string;

  @IsWords(80, 'Say which protocol is followed.')
  protocol!: string;

  @IsInt({ message: 'The number of replicates must be whole.' })
  @Min(1, { message: 'Measure at least one replicate.' })
  @Max(12, { message: 'A run has at most 12 replicates.' })
  replicates!: number;

  @IsArray({ message: 'Name the vessels as a list.' })
  @ArrayMaxSize(12, { message: 'A run has at most 12 vessels.' })
  @IsUUID('all', { each: true, message: 'Each vessel must be named by its id.' })
  vesselIds!: string[];

  @Nested(() => RunSettingsBody, 'Say how the run is made.')
  settings!: RunSettingsBody;

  /** How the sample was taken, where somebody says. */
  @Optional()
  @Nested(() => SamplePlanBody, 'Say how the sample was taken.')
  sample?: SamplePlanBody;

  /** For whom the sheet is, where several measure the same: "Group 3". */
  @Optional()
  @IsWords(60, 'Name the group in 1 to 60 letters.')
  groupName?: string;
}

/** One name, and material, lot, vessels and run come into being. */
export class QuickStart {
  @IsWords(120, 'Say what is in the pail, in 1 to 120 letters.')
  name!: string;

  /** What its name is usually read as is not meant: its kind stays open. */
  @Optional()
  @IsBoolean({ message: 'Its kind is open or not.' })
  kindOpen?: boolean;

  @IsWords(80, 'Say which protocol is followed.')
  protocol!: string;

  @IsUUID('all', { message: 'The id must be a UUID.' })
  runId!: string;

  @IsUUID('all', { message: 'The id must be a UUID.' })
  materialId!: string;

  @IsUUID('all', { message: 'The id must be a UUID.' })
  lotId!: string;
}

export class NewReading {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsInt({ message: 'The replicate must be a whole number from 0.' })
  @Min(0, { message: 'The replicate must be a whole number from 0.' })
  @Max(11, { message: 'A run has at most 12 replicates.' })
  replicate!: number;

  @IsWords(40, 'Name the step.')
  step!: string;

  @IsReal('The reading must be a number; write 12.5.')
  @Min(-MOST_READ, { message: 'No instrument shows so much; check it.' })
  @Max(MOST_READ, { message: 'No instrument shows so much; check it.' })
  value!: number;

  /** The value is what the pen showed in mV, in something of this temperature. */
  @Optional()
  @IsReal('The temperature must be a number of °C.')
  @Min(-50, { message: 'Colder than −50 °C; check it.' })
  @Max(150, { message: 'Hotter than 150 °C; check it.' })
  mVTemp_C?: number;

  @IsMoment('Say when it was taken.')
  takenAt!: string;

  @Optional()
  @IsUUID('all', { message: 'Name the corrected reading by its id.' })
  corrects?: string;

  @Optional()
  @IsString({ message: 'Give the reason as a text.' })
  @MaxLength(300, { message: 'Keep the reason under 300 letters.' })
  reason?: string;
}

export class NewExclusion {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsInt({ message: 'The replicate must be a whole number from 0.' })
  @Min(0, { message: 'The replicate must be a whole number from 0.' })
  @Max(11, { message: 'A run has at most 12 replicates.' })
  replicate!: number;

  @IsString({ message: 'Give the reason.' })
  @Length(3, 300, { message: 'Give the reason, in 3 to 300 letters.' })
  reason!: string;
}

/** Opens a finished run again, in sight. */
export class ReopenRun {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsWords(300, 'Say why it is opened again, in 3 to 300 letters.')
  @Length(3, 300, { message: 'Say why it is opened again, in 3 to 300 letters.' })
  reason!: string;
}

/** A reading as it was kept. */
export interface KeptReading extends Reading {
  readonly seq: number;
  readonly keptAt: string;
}

export interface RemeasuredVessel {
  readonly id: string;
  readonly name: string;
  readonly was_mL: number;
  readonly now_mL: number;
}

export interface RunSheet {
  readonly id: string;
  readonly number: number;
  readonly lot: { readonly id: string; readonly name: string; readonly code: string; readonly classId?: string };
  readonly protocol: Protocol;
  readonly settings: RunSettings;
  readonly sample?: SamplePlan;
  readonly replicateCount: number;
  readonly vessels: readonly (RunVessel | undefined)[];
  /** Vessels that were measured otherwise since this run was finished; it stands on what they held then. */
  readonly remeasured: readonly RemeasuredVessel[];
  /** Every vessel of the run, measured or not, in the order of the replicates. */
  readonly vesselNames: readonly { readonly id: string; readonly name: string }[];
  readonly readings: readonly KeptReading[];
  readonly exclusions: readonly Exclusion[];
  /** What it is read with from now on, one of a kind, each with its newest calibration. */
  readonly instruments: readonly InstrumentRow[];
  readonly notes: readonly RunNote[];
  readonly photos: readonly RunPhoto[];
  /** For whom it is, where several measure the same. */
  readonly groupName?: string;
  readonly startedAt: string;
  readonly startedBy: string;
  readonly finishedAt?: string;
  /** It was put away as a mistake and counts nowhere. */
  readonly archivedAt?: string;
  /** Whenever it was put away or came back, oldest first. */
  readonly archivings: readonly Archiving[];
  /** Readings and exclusions that were taken back, oldest first. */
  readonly takenBack: readonly TakenBack[];
  /** Whenever it was finished and opened again, oldest first. */
  readonly reopened: readonly { readonly at: string; readonly by: string; readonly reason: string }[];
  readonly version: number;
}

/** What the list of runs is asked for. Days are those on which a run was begun. */
export class RunsAsked extends ListAsked {
  @Optional()
  @IsIn(RUN_SORTS, { message: `Sort by ${RUN_SORTS.join(', ')}.` })
  sort?: (typeof RUN_SORTS)[number];

  @Optional()
  @IsIn(RUN_GROUPS, { message: `Put together by ${RUN_GROUPS.join(', ')}.` })
  group?: (typeof RUN_GROUPS)[number];

  @Optional()
  @IsUUID('all', { message: 'Name the lot by its id.' })
  lot?: string;

  @Optional()
  @IsString({ message: 'Name the protocol.' })
  @MaxLength(80, { message: 'Name the protocol.' })
  protocol?: string;

  /** Who began it. */
  @Optional()
  @IsUUID('all', { message: 'Name the person by their id.' })
  person?: string;

  @Optional()
  @IsIn(RUN_STATES, { message: `A run is ${RUN_STATES.join(', ')}.` })
  state?: (typeof RUN_STATES)[number];
}

/** A run as lists show it. */
export interface RunRow {
  readonly id: string;
  readonly number: number;
  readonly lotId: string;
  readonly lotName: string;
  readonly lotCode: string;
  readonly protocolLabel: string;
  /** For whom it is, where several measure the same. */
  readonly groupName?: string;
  readonly startedAt: string;
  readonly startedBy: string;
  readonly finishedAt?: string;
}

/** An open run with what it waits for; none of its readings. */
export interface OpenRunRow extends RunRow {
  readonly waits: RunWaits;
}
