import type { Rubric, Scorecard } from '@bent-pail/core';
import { IsIn, IsUUID, Max, Min } from 'class-validator';
import { SCORECARD_GROUPS, SCORECARD_SORTS } from './choices';
import { IsReal, IsWords, Optional } from './decorators';
import { ListAsked } from './lists';
import type { JudgedProduct } from './sittings';

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

/** A rater on a card: whether in, and what is to be known of how they judged. */
export interface CardRater {
  readonly id: string;
  readonly name: string;
  readonly handedIn: boolean;
  /** How they knew what was behind the code, where they did. */
  readonly knows?: string;
  readonly excused?: string;
}

export interface ScorecardRow {
  readonly id: string;
  readonly sittingId: string;
  /** Absent while whoever asks is to judge it blind. */
  readonly product?: JudgedProduct;
  readonly sampleCode: string;
  readonly rubricLabel: string;
  readonly raters: readonly CardRater[];
  readonly revealed: boolean;
  readonly overall?: number;
  /** Part of the rubric's weight that the overall rests on. */
  readonly weightIn: number;
  readonly missing: readonly string[];
}

export interface ScorecardPage {
  readonly row: ScorecardRow & { readonly product: JudgedProduct };
  readonly rubric: Rubric;
  readonly card: Scorecard;
  readonly currency: string;
}
