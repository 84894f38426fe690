import type { Aggregate, CriterionKind, ScoreCap, ScoreFunction } from '../scoring';
import type { Feeder } from '../feeding';
import type { PropertyKey } from '../properties';
import type { Container } from '../vessel';

/** Where a criterion's value comes from. */
export type CriterionSource =
  /** Air and water at the use's container, from the lot's own curve; any other figure as the card has it. */
  | { readonly from: 'lot'; readonly figure: JudgedFigure }
  | { readonly from: 'panel' }
  /** How far the product's words can be relied on, 0 to 1, by its claims sheet. */
  | { readonly from: 'claims' }
  /** Share of the elements of a laboratory's report that lie in their range, 0 to 1. */
  | { readonly from: 'nutrients'; readonly feeder: Feeder }
  /** What raters saw grow in it, 0 to 10. */
  | { readonly from: 'growth' }
  /** What a grow-out trial found: its ratio to the reference medium at the same age, 1 for as good. */
  | { readonly from: 'trial' }
  /** Yes or no, as somebody says: 10 or 0. */
  | { readonly from: 'must' };

/** A figure of a lot that a criterion can be judged by. */
export type JudgedFigure = 'air' | 'water' | PropertyKey;

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
