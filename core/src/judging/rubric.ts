import type { Aggregate, CriterionKind, ScoreCap, ScoreFunction } from '../scoring';
import type { PropertyKey } from '../properties';
import type { Container } from '../vessel';

/** Where a criterion's value comes from. */
export type CriterionSource =
  /** Air and water at the use's container, from the lot's own curve; any other figure as the card has it. */
  { readonly from: 'lot'; readonly figure: 'air' | 'water' | PropertyKey } | { readonly from: 'panel' };

export interface RubricCriterion {
  readonly name: string;
  readonly label: string;
  readonly plain: string;
  readonly weight: number;
  readonly kind: CriterionKind;
  readonly function: ScoreFunction;
  readonly source: CriterionSource;
  readonly unit: string;
  /** For panels: words down the scale, from 10 to 0, and tags to tick. */
  readonly words?: readonly { readonly at: number; readonly word: string }[];
  readonly tags?: readonly string[];
}

/** What a kind of product is judged by; versioned, for a card keeps the version that it was made with. */
export interface Rubric {
  readonly key: string;
  readonly version: number;
  readonly label: string;
  readonly use: string;
  readonly container: Container;
  readonly aggregate: Aggregate;
  readonly caps: readonly ScoreCap[];
  readonly criteria: readonly RubricCriterion[];
}
