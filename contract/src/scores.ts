import { GROWTH_TAGS, type GrowthTag, type Interest, type Rubric, type Scorecard, type Told } from '@bent-pail/core';
import { ArrayMaxSize, IsArray, IsBoolean, IsIn, IsInt, IsUUID, Max, Min } from 'class-validator';
import { SCORECARD_GROUPS, SCORECARD_SORTS } from './choices';
import { IsReal, IsWords, Optional } from './decorators';
import { ListWithAway } from './archive';
import type { JudgedProduct } from './sittings';

const GROWTH_TAG_KEYS = Object.keys(GROWTH_TAGS) as GrowthTag[];

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

/** Whether a must of the rubric holds for this product. */
export class MustSaid {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsWords(40, 'Say which must is meant.')
  criterion!: string;

  @IsBoolean({ message: 'Say yes or no.' })
  holds!: boolean;
}

/** A score that somebody gives instead of the one worked out; without a value it is taken back. */
export class OverrideSaid {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  /** Absent for the overall. */
  @Optional()
  @IsWords(40, 'Say which criterion is meant.')
  criterion?: string;

  @Optional()
  @IsReal('The score must be a number.')
  @Min(0, { message: 'Score from 0 to 10.' })
  @Max(10, { message: 'Score from 0 to 10.' })
  value?: number;

  @IsWords(200, 'Say why, in 1 to 200 letters.')
  reason!: string;
}

/** What a rater sees of one species at one age; the last for that age counts. */
export class GrowthSaid {
  @IsWords(60, 'Name the species in 1 to 60 letters.')
  species!: string;

  @IsInt({ message: 'Give the age in whole weeks.' })
  @Min(1, { message: 'Give the age in whole weeks, from 1.' })
  @Max(104, { message: 'Give the age in weeks, up to 104.' })
  week!: number;

  @IsReal('The score must be a number.')
  @Min(0, { message: 'Score from 0 to 10.' })
  @Max(10, { message: 'Score from 0 to 10.' })
  value!: number;

  @IsArray({ message: 'Give the tags as a list.' })
  @ArrayMaxSize(GROWTH_TAG_KEYS.length, { message: 'Each tag once at most.' })
  @IsIn(GROWTH_TAG_KEYS, { each: true, message: `A tag is one of ${GROWTH_TAG_KEYS.join(', ')}.` })
  tags!: GrowthTag[];
}

/** What the list of scorecards is asked for. Days are those on which a card was begun. */
export class ScorecardsAsked extends ListWithAway {
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
  /** Put away: it is listed and ranked no more. */
  readonly archived?: true;
  readonly rubricLabel: string;
  readonly raters: readonly CardRater[];
  readonly revealed: boolean;
  readonly overall?: number;
  /** Part of the rubric's weight that the overall rests on. */
  readonly weightIn: number;
  /** What is not in yet, by its labels. */
  readonly missing: readonly string[];
}

export interface ScorecardPage {
  readonly row: ScorecardRow & { readonly product: JudgedProduct };
  readonly rubric: Rubric;
  readonly card: Scorecard;
  /** What the card was worked out from besides its lot. */
  readonly told: Told;
  readonly currency: string;
  /** Where each value lies among all products, by criterion; absent where it is the only one. */
  readonly among: readonly AmongProducts[];
  /** Lots of the same product, the oldest first; empty where this is the only one. */
  readonly seasons: readonly SeasonLot[];
  /** Who has an interest in the product, as its claims sheet says. */
  readonly interest?: { readonly kind: Interest; readonly words?: string };
}

/** A lot of the same product: what it cost, what it was found to be, what it scored. */
export interface SeasonLot {
  readonly lotId: string;
  readonly code: string;
  readonly boughtOn?: string;
  readonly pack_L?: number;
  readonly pricePerL?: number;
  readonly air?: number;
  readonly water?: number;
  readonly pH?: number;
  readonly cardId?: string;
  readonly overall?: number;
}

/** Where a product's value lies among all that were judged. */
export interface AmongProducts {
  readonly criterion: string;
  /** Values of the others, of the newest card of each. */
  readonly others: readonly number[];
}
