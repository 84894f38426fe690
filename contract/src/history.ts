import { IsIn, IsUUID } from 'class-validator';
import { CHANGE_KINDS, type CHANGED_THINGS } from './choices';
import { IsDay, IsMoment, Optional } from './decorators';

export type ChangeKind = (typeof CHANGE_KINDS)[number];

export class HistoryAsked {
  @Optional()
  @IsUUID('all', { message: 'Name the person by their id.' })
  person?: string;

  @Optional()
  @IsIn(CHANGE_KINDS, { message: `A change is one of ${CHANGE_KINDS.join(', ')}.` })
  kind?: ChangeKind;

  /** Of one lot: of its runs, prices and sheets as well. */
  @Optional()
  @IsUUID('all', { message: 'Name the lot by its id.' })
  lot?: string;

  @Optional()
  @IsDay('Give the day as 2026-11-24.')
  day?: string;

  /** What was before that: the next page. */
  @Optional()
  @IsMoment('Give the time as 2026-11-24T08:00:00Z.')
  before?: string;
}

/** Something that was changed, by whom, from what to what, and why. Nobody changes this list. */
export interface ChangeRow {
  readonly id: string;
  readonly kind: ChangeKind;
  readonly at: string;
  /** Absent: somebody who went past the server. */
  readonly by?: string;
  /** What it is about: a run, a lot, a blend, a card, a line of advice. */
  readonly of: {
    readonly kind: (typeof CHANGED_THINGS)[number];
    readonly id: string;
  };
  readonly title: string;
  /** Of a run. */
  readonly number?: number;
  /** Which part of it: a step and replicate, a criterion. */
  readonly part?: string;
  /** Of a row that was edited: which field, as `lots.code`. */
  readonly field?: string;
  /** A value with its unit, or the number of a version. */
  readonly old?: string;
  readonly new?: string;
  readonly reason?: string;
}

export interface HistoryPage {
  readonly rows: readonly ChangeRow[];
  /** When the next page begins; absent: there is none. */
  readonly before?: string;
}
