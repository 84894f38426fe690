import type { Context } from '../context';

/** One row of a tidy table; a missing value is an empty cell. */
export type Row = Readonly<Record<string, string | number | null | undefined>>;

/** All of a table, or what belongs to one run, one lot or one pot. */
export interface Wanted {
  readonly run: string | undefined;
  readonly lot: string | undefined;
  readonly pot: string | undefined;
}

/** Rows read at a time: a whole notebook never stands in memory. */
export const AT_A_TIME = Object.freeze({ runs: 40, figures: 2000 });

/** What a resource writes for spreadsheets: a name, headings with their units, rows some at a time. */
export interface Table {
  readonly name: string;
  readonly columns: readonly string[];
  readonly rows: (context: Pick<Context, 'db'>, wanted: Wanted) => AsyncIterable<readonly Row[]>;
}
