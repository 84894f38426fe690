import type { Context } from '../context';

/** One row of a tidy table; a missing value is an empty cell. */
export type Row = Readonly<Record<string, string | number | null | undefined>>;

/** All of a table, or what belongs to some runs, lots, pots, blends or cards by their ids. */
export interface Wanted {
  readonly run?: readonly string[];
  readonly lot?: readonly string[];
  readonly pot?: readonly string[];
  readonly blend?: readonly string[];
  readonly card?: readonly string[];
  readonly class?: readonly string[];
  readonly trial?: readonly string[];
}

/** Before the first id. */
export const BEFORE_ALL = '00000000-0000-0000-0000-000000000000';

/** Rows by their ids, some at a time: each page is asked for with the last id of the one before. */
export async function* byPages<T extends { readonly id: string }>(
  page: (after: string) => Promise<readonly T[]>,
): AsyncGenerator<readonly T[]> {
  for (let after = BEFORE_ALL; ;) {
    const rows = await page(after);
    const last = rows.at(-1);
    if (last === undefined) return;
    yield rows;
    after = last.id;
  }
}

/** Rows read at a time: a whole notebook never stands in memory. */
export const AT_A_TIME = Object.freeze({ runs: 40, figures: 2000 });

/** What a resource writes for spreadsheets: a name, headings with their units, rows some at a time. */
export interface Table {
  readonly name: string;
  readonly columns: readonly string[];
  readonly rows: (context: Pick<Context, 'db'>, wanted: Wanted) => AsyncIterable<readonly Row[]>;
}
