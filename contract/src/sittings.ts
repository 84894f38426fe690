import { MOST_SAMPLES, type Rubric, type WarmUpSaid } from '@bent-pail/core';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import type { PailFigures } from '@bent-pail/core';
import { IsReal, IsWords, Nested, Optional } from './decorators';
import { ListAsked } from './lists';

/** A mark as raters give it. */
function IsMark(what: string): PropertyDecorator {
  return (target, key) => {
    IsReal(`${what} must be a number.`)(target, key);
    Min(0, { message: 'Score from 0 to 10.' })(target, key);
    Max(10, { message: 'Score from 0 to 10.' })(target, key);
  };
}

/** One cup: which lot is in it, and the code that it is known by until the reveal. Its card has the same id. */
export class SittingSample {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsUUID('all', { message: 'Say which lot is judged.' })
  lotId!: string;

  /** One is drawn where none is said. */
  @Optional()
  @IsWords(8, 'Give the sample a blind code of 1 to 8 letters.')
  sampleCode?: string;
}

export class KnownMark {
  @IsWords(40, 'Say which criterion is meant.')
  criterion!: string;

  @IsMark('The known value')
  value!: number;
}

/** A sample whose values everybody agreed on before: rated first, to set the scale. */
export class WarmUp {
  @IsWords(8, 'Give the sample a blind code of 1 to 8 letters.')
  sampleCode!: string;

  @IsWords(80, 'Say what the warm-up is, in 1 to 80 letters.')
  what!: string;

  @IsArray({ message: 'Give the known values as a list.' })
  @ArrayMinSize(1, { message: 'A warm-up needs at least one known value.' })
  @ArrayMaxSize(16, { message: 'At most 16 known values.' })
  @ValidateNested({ each: true })
  @Type(() => KnownMark)
  known!: KnownMark[];
}

/** Some products judged together: by one rubric, by the same raters, open to see once all are in. */
export class NewSitting {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @Optional()
  @IsWords(60, 'Name the sitting in 1 to 60 letters.')
  label?: string;

  @IsWords(80, 'Name the rubric.')
  rubric!: string;

  @IsArray({ message: 'Give the samples as a list.' })
  @ArrayMinSize(1, { message: 'A sitting needs at least one sample.' })
  @ArrayMaxSize(MOST_SAMPLES, { message: `At most ${String(MOST_SAMPLES)} samples: a nose is tired after more.` })
  @ValidateNested({ each: true })
  @Type(() => SittingSample)
  samples!: SittingSample[];

  @IsArray({ message: 'Name the raters as a list.' })
  @ArrayMinSize(1, { message: 'A panel needs at least one rater.' })
  @ArrayMaxSize(12, { message: 'A panel has at most 12 raters.' })
  @IsUUID('all', { each: true, message: 'Name each rater by id.' })
  raterIds!: string[];

  @Optional()
  @Nested(() => WarmUp, 'Say what the warm-up is and what is known of it.')
  warmUp?: WarmUp;
}

/** Somebody who comes when others have begun. */
export class LateRater {
  @IsUUID('all', { message: 'Name the rater by id.' })
  raterId!: string;
}

/** Why somebody who was to rate does not. */
export class ExcuseRater {
  @IsWords(120, 'Say why, in 1 to 120 letters.')
  reason!: string;
}

/** How a rater comes to know what is behind a code. */
export class KnowsSample {
  @IsWords(120, 'Say how you know it, in 1 to 120 letters.')
  reason!: string;
}

export class RatingBody {
  @IsMark('The score')
  value!: number;

  @IsArray({ message: 'Give the tags as a list.' })
  @ArrayMaxSize(12, { message: 'At most 12 tags.' })
  @IsString({ each: true, message: 'Tags must be texts.' })
  @MaxLength(60, { each: true, message: 'Keep tags under 60 letters.' })
  tags!: string[];

  /** In the rater's own words. */
  @Optional()
  @IsString({ message: 'Your own words must be a text.' })
  @MaxLength(200, { message: 'Keep your own words under 200 letters.' })
  words?: string;
}

/** What a rater gave for one criterion of the warm-up. */
export class WarmUpBody {
  @IsMark('The score')
  value!: number;
}

/** A rater's marks for the warm-up; what is known of it comes with the last of them. */
export interface WarmUpSheet {
  readonly sittingId: string;
  readonly sampleCode: string;
  readonly what: string;
  readonly criteria: readonly string[];
  readonly marks: readonly { readonly criterion: string; readonly value: number }[];
  readonly known?: readonly { readonly criterion: string; readonly value: number }[];
  readonly said?: WarmUpSaid;
}

/** A rater's own sheet: the sample by its blind code, own values only. */
export interface RaterSheet {
  readonly scorecardId: string;
  readonly sittingLabel: string;
  readonly sampleCode: string;
  /** Which of the sitting's samples this is for this rater, from 1. */
  readonly place: number;
  readonly samples: number;
  /** The own sheet that comes next and is not handed in. */
  readonly next?: { readonly scorecardId: string; readonly sampleCode: string };
  readonly rubric: Rubric;
  readonly ratings: readonly {
    readonly criterion: string;
    readonly value: number;
    readonly tags: readonly string[];
    readonly words: string;
  }[];
  readonly handedIn: boolean;
  /** Why the sheet is closed without being handed in. */
  readonly excused?: string;
  /** How the rater knows what is behind the code, where they do. */
  readonly knows?: string;
  readonly raters: number;
  readonly ratersIn: number;
  readonly warmUp?: WarmUpSheet;
}

/** What a rater's list of own sheets is asked for; those to be handed in come first. */
export class SheetsAsked extends ListAsked {
  @Optional()
  @IsIn(['out', 'handed-in'], { message: 'A sheet is out or handed-in.' })
  state?: 'out' | 'handed-in';
}

/** A rater's own sheet as a line of a list. */
export interface SheetRow {
  readonly scorecardId: string;
  readonly sittingLabel: string;
  readonly sampleCode: string;
  readonly rubricLabel: string;
  readonly handedIn: boolean;
  readonly excused: boolean;
  /** Criteria that the rater has marked, of those that are marked by a panel. */
  readonly marked: number;
  readonly criteria: number;
  readonly raters: number;
  readonly ratersIn: number;
}

/** What is behind a code; absent for a rater who is to judge it blind. */
export interface JudgedProduct {
  readonly lotId: string;
  readonly name: string;
  readonly lotCode: string;
  readonly pail?: PailFigures;
}

/** A rater at a sitting: how far, never what. */
export interface SittingRater {
  readonly id: string;
  readonly name: string;
  /** Samples handed in, by card, and criteria marked of all that are theirs to mark. */
  readonly handedIn: readonly string[];
  readonly marked: number;
  readonly toMark: number;
  /** Samples that they know, by card, with how. */
  readonly knows: readonly { readonly cardId: string; readonly reason: string }[];
  readonly excused?: string;
  /** How near the warm-up; one's own, or everybody's after the reveal. */
  readonly warmUp?: WarmUpSaid;
}

export interface SittingPage {
  readonly id: string;
  readonly label: string;
  readonly rubricLabel: string;
  readonly openedBy?: string;
  readonly openedAt: string;
  readonly revealed: boolean;
  readonly samples: readonly {
    readonly cardId: string;
    readonly sampleCode: string;
    readonly product?: JudgedProduct;
    /** Panel criteria on which the raters are too far apart and nothing is agreed yet; 0 before the reveal. */
    readonly toAgree: number;
    /** After the reveal only. */
    readonly overall?: number;
  }[];
  readonly raters: readonly SittingRater[];
  readonly warmUp?: { readonly sampleCode: string; readonly what: string };
}
