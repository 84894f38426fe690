import type { ReactNode } from 'react';

export type Direction = 'up' | 'down';

/** One property of what a table lists. */
export interface Column<Row> {
  /** Names it in the address, and to a server that puts the rows in order. */
  readonly key: string;
  /** Its head; on a phone the word before its value. */
  readonly head: string;
  /** Null where there is nothing to say. */
  readonly cell: (row: Row) => ReactNode;
  /** Figures stand to the right, words to the left. */
  readonly align?: 'left';
  /** Which way it is sorted first; without one it is not sorted by. */
  readonly sort?: Direction;
  /** What it is sorted by where all rows are at hand. */
  readonly value?: (row: Row) => number | string | undefined;
  /** The drawing before the name, the name itself, or what a phone has no room for. */
  readonly place?: 'mark' | 'name' | 'wide';
}

/** What rows can stand together by. */
export interface Grouping<Row> {
  readonly key: string;
  readonly words: string;
  readonly of: (row: Row) => string;
  /** How a group is called. */
  readonly said: (of: string) => string;
}

/** How somebody looks at a table: it stands in the address. */
export interface TableView {
  readonly sort?: string;
  readonly direction?: Direction;
  readonly group?: string;
  /** Columns that are left out. */
  readonly without: readonly string[];
}

/** Rows that are ticked, for something to be done with them. */
export interface Ticking<Row> {
  readonly ids: readonly string[];
  readonly onChange: (ids: readonly string[]) => void;
  /** What ticking a row means, as `Compare Bark mix`. */
  readonly label: (row: Row) => string;
  /** What can be done with those ticked, or what ticking is for. */
  readonly actions: ReactNode;
}

/** The next rows, where a server has more. */
export interface Further {
  readonly has: boolean;
  readonly isLoading: boolean;
  readonly load: () => void;
}

export interface TableModel<Row> {
  readonly label: string;
  /** What a row is, as `lot` and `lots`. */
  readonly what: readonly [one: string, many: string];
  readonly columns: readonly Column<Row>[];
  readonly rows: readonly Row[];
  readonly keyOf: (row: Row) => string;
  readonly view: TableView;
  readonly onView: (view: TableView) => void;
  /** The order where nobody asks for one, as `newest first`. */
  readonly unsorted: string;
  readonly groupings?: readonly Grouping<Row>[];
  /** How many rows each group has on all pages; else those at hand are counted. */
  readonly counts?: readonly { readonly key: string; readonly n: number }[] | undefined;
  /** How many there are, on all pages. */
  readonly total?: number;
  readonly further?: Further;
  readonly ticking?: Ticking<Row> | undefined;
  /** What is said where no row is like that. */
  readonly nothing: string;
}
