import type { BenchValue, Question } from '@bent-pail/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsUUID,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';
import { CLASS_LIMITS } from './choices';
import { IsWords, Optional } from './decorators';
import type { GroupGuess, GroupReading } from './groups';

const ID = { message: 'The id must be a UUID.' } as const;

/** A question of one's own lesson. */
export class OwnQuestion {
  @IsWords(300, 'Ask in 1 to 300 letters.')
  ask!: string;

  @IsWords(600, 'Say what a good answer is, in 1 to 600 letters.')
  answer!: string;
}

/** A lesson of one's own: another lesson's sheet with other words. */
export class NewLesson {
  @IsUUID('all', ID)
  id!: string;

  @IsWords(40, 'Name the lesson that it is made from.')
  from!: string;

  @IsWords(80, 'Give it a title of 1 to 80 letters.')
  title!: string;

  @IsWords(300, 'Say what it is for, in 1 to 300 letters.')
  aim!: string;

  @IsInt({ message: 'The minutes must be whole.' })
  @Min(10, { message: 'A lesson takes 10 minutes or more.' })
  @Max(1440, { message: 'A class lasts a day at most.' })
  minutes!: number;

  @IsInt({ message: 'The times must be whole.' })
  @Min(1, { message: 'Each group measures once or more.' })
  @Max(CLASS_LIMITS.repeats, { message: `Each group measures ${String(CLASS_LIMITS.repeats)} times at most.` })
  repeats!: number;

  @IsArray({ message: 'Give the questions as a list.' })
  @ArrayMaxSize(12, { message: 'A lesson has at most 12 questions.' })
  @ValidateNested({ each: true })
  @Type(() => OwnQuestion)
  questions!: OwnQuestion[];
}

/** What a class follows: the words of its lesson as they were when it began, and the sheet by key. */
export interface LessonPlan {
  readonly key: string;
  readonly sheet: string;
  readonly title: string;
  readonly aim: string;
  readonly minutes: number;
  readonly repeats: number;
  readonly questions: readonly Question[];
}

export interface OwnLesson extends LessonPlan {
  readonly by: string;
  readonly keptAt: string;
}

export class NewClass {
  @IsUUID('all', ID)
  id!: string;

  @IsWords(60, 'Name the class in 1 to 60 letters.')
  name!: string;

  /** A lesson that ships, or one's own by its id. */
  @IsWords(40, 'Choose a lesson.')
  lesson!: string;

  @IsInt({ message: 'The number of groups must be whole.' })
  @Min(1, { message: 'A class has one group or more.' })
  @Max(CLASS_LIMITS.groups, { message: `A class has at most ${String(CLASS_LIMITS.groups)} groups.` })
  groups!: number;

  @IsArray({ message: 'Name the lots as a list.' })
  @ArrayMinSize(1, { message: 'Choose at least one lot as a blind sample.' })
  @ArrayMaxSize(CLASS_LIMITS.samples, { message: `A class has at most ${String(CLASS_LIMITS.samples)} samples.` })
  @IsUUID('all', { each: true, message: 'Each lot must be named by its id.' })
  lotIds!: string[];

  /** The pot that all groups use, where its volume is known: they need not measure it. */
  @Optional()
  @IsUUID('all', { message: 'Name the pot by id.' })
  vesselId?: string;

  @IsInt({ message: 'The minutes must be whole.' })
  @Min(10, { message: 'A class lasts 10 minutes or more.' })
  @Max(1440, { message: 'A class lasts a day at most.' })
  minutes!: number;
}

export class MoreTime {
  @IsInt({ message: 'The minutes must be whole.' })
  @Min(5, { message: 'Add 5 minutes or more.' })
  @Max(240, { message: 'Add 4 hours at most.' })
  minutes!: number;
}

/** Leaves a group's results on a sample out of the class's figures, or takes them in again: both stay in sight. */
export class ClassExclusion {
  @IsUUID('all', ID)
  id!: string;

  @IsUUID('all', { message: 'Name the group by id.' })
  groupId!: string;

  @IsUUID('all', { message: 'Name the sample by id.' })
  sampleId!: string;

  @IsBoolean({ message: 'Say whether it is left out.' })
  isOut!: boolean;

  @IsWords(200, 'Say why, in 1 to 200 letters.')
  reason!: string;
}

/** Makes a group's results on a sample a run of its lot, which counts in predictions. */
export class LetIn {
  @IsUUID('all', ID)
  runId!: string;

  @IsUUID('all', { message: 'Name the group by id.' })
  groupId!: string;

  @IsUUID('all', { message: 'Name the sample by id.' })
  sampleId!: string;
}

export class ClassesAsked {
  @Optional()
  @IsIn(['open', 'over'], { message: 'Classes are open or over.' })
  state?: 'open' | 'over';

  /** Those that a lot was a sample of. */
  @Optional()
  @IsUUID('all', { message: 'Name the lot by id.' })
  lot?: string;
}

export interface ClassRow {
  readonly id: string;
  readonly name: string;
  readonly lesson: string;
  readonly groups: number;
  readonly readings: number;
  readonly lots: readonly string[];
  readonly beganAt: string;
  readonly endsAt: string;
  readonly isOpen: boolean;
  readonly by: string;
}

export interface ClassSample {
  readonly id: string;
  readonly code: string;
  readonly lotId: string;
  readonly lot: string;
  /** What the bench says, by figure. */
  readonly bench: Readonly<Record<string, BenchValue>>;
}

export interface ClassGroup {
  readonly id: string;
  readonly number: number;
  /** Phones that are in. */
  readonly phones: number;
  readonly guesses: readonly GroupGuess[];
  readonly readings: readonly GroupReading[];
}

export interface ExclusionSaid {
  readonly groupId: string;
  readonly sampleId: string;
  readonly isOut: boolean;
  readonly reason: string;
  readonly by: string;
  readonly at: string;
}

/** A pot that all groups use. */
export interface ClassPot {
  readonly name: string;
  readonly volume_mL: number;
  readonly height_cm?: number;
}

/** A class as its teacher sees it. */
export interface ClassPage {
  readonly id: string;
  readonly name: string;
  readonly plan: LessonPlan;
  /** Absent once it is over. */
  readonly code?: string;
  readonly pot?: ClassPot;
  readonly samples: readonly ClassSample[];
  readonly groups: readonly ClassGroup[];
  /** In the order in which they were said; the last of a group and sample stands. */
  readonly exclusions: readonly ExclusionSaid[];
  readonly letIn: readonly { readonly groupId: string; readonly sampleId: string; readonly runId: string }[];
  readonly beganAt: string;
  readonly endsAt: string;
  readonly isOpen: boolean;
  readonly revealedAt?: string;
  readonly by: string;
}

/** A class that was wiped: how much there was, and nothing of it. */
export interface WipedClass {
  readonly id: string;
  readonly groups: number;
  readonly guesses: number;
  readonly readings: number;
  readonly runsKept: number;
  readonly by: string;
  readonly at: string;
}
