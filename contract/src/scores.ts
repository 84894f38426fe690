import type { PailFigures, Rubric, Scorecard } from '@bent-pail/core';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsIn, IsString, IsUUID, Max, MaxLength, Min } from 'class-validator';
import { SCORECARD_GROUPS, SCORECARD_SORTS } from './choices';
import { IsReal, IsWords, Optional } from './decorators';
import { ListAsked } from './lists';

export class NewScorecard {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsUUID('all', { message: 'Say which lot is judged.' })
  lotId!: string;

  @IsWords(80, 'Name the rubric.')
  rubric!: string;

  @IsWords(8, 'Give the sample a blind code of 1 to 8 letters.')
  sampleCode!: string;

  @IsArray({ message: 'Name the raters as a list.' })
  @ArrayMinSize(1, { message: 'A panel needs at least one rater.' })
  @ArrayMaxSize(12, { message: 'A panel has at most 12 raters.' })
  @IsUUID('all', { each: true, message: 'Name each rater by id.' })
  raterIds!: string[];
}

export class RatingBody {
  @IsReal('The score must be a number.')
  @Min(0, { message: 'Score from 0 to 10.' })
  @Max(10, { message: 'Score from 0 to 10.' })
  value!: number;

  @IsArray({ message: 'Give the tags as a list.' })
  @ArrayMaxSize(12, { message: 'At most 12 tags.' })
  @IsString({ each: true, message: 'Tags must be texts.' })
  @MaxLength(60, { each: true, message: 'Keep tags under 60 letters.' })
  tags!: string[];
}

/** What a panel agreed on where its marks were far apart. */
export class AgreedValue {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsWords(40, 'Say which criterion is meant.')
  criterion!: string;

  @IsReal('The agreed value must be a number.')
  @Min(0, { message: 'Score from 0 to 10.' })
  @Max(10, { message: 'Score from 0 to 10.' })
  value!: number;

  @IsWords(200, 'Say why, in 1 to 200 letters.')
  reason!: string;
}

/** A rater's own sheet: the sample by its blind code, own values only. */
export interface RaterSheet {
  readonly scorecardId: string;
  readonly sampleCode: string;
  readonly rubric: Rubric;
  readonly ratings: readonly { readonly criterion: string; readonly value: number; readonly tags: readonly string[] }[];
  readonly handedIn: boolean;
  readonly raters: number;
  readonly ratersIn: number;
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
  readonly sampleCode: string;
  readonly rubricLabel: string;
  readonly handedIn: boolean;
  /** Criteria that the rater has marked, of those that are marked by a panel. */
  readonly marked: number;
  readonly criteria: number;
  readonly raters: number;
  readonly ratersIn: number;
}

/** What the list of scorecards is asked for. Days are those on which a card was begun. */
export class ScorecardsAsked extends ListAsked {
  @Optional()
  @IsIn(SCORECARD_SORTS, { message: `Sort by ${SCORECARD_SORTS.join(', ')}.` })
  sort?: (typeof SCORECARD_SORTS)[number];

  @Optional()
  @IsIn(SCORECARD_GROUPS, { message: `Put together by ${SCORECARD_GROUPS.join(', ')}.` })
  group?: (typeof SCORECARD_GROUPS)[number];

  @Optional()
  @IsUUID('all', { message: 'Name the lot by its id.' })
  lot?: string;

  @Optional()
  @IsIn(['open', 'revealed'], { message: 'A card is open or revealed.' })
  state?: 'open' | 'revealed';

  /** Who rates on it. */
  @Optional()
  @IsUUID('all', { message: 'Name the person by their id.' })
  person?: string;
}

export interface ScorecardRow {
  readonly id: string;
  readonly lotId: string;
  readonly productName: string;
  readonly lotCode: string;
  readonly pail?: PailFigures;
  readonly sampleCode: string;
  readonly rubricLabel: string;
  readonly raters: readonly { readonly id: string; readonly name: string; readonly handedIn: boolean }[];
  readonly revealed: boolean;
  readonly overall?: number;
  /** Part of the rubric's weight that the overall rests on. */
  readonly weightIn: number;
  readonly missing: readonly string[];
}

export interface ScorecardPage {
  readonly row: ScorecardRow;
  readonly rubric: Rubric;
  readonly card: Scorecard;
  readonly currency: string;
}
