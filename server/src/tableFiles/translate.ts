import type { FileRefusal } from '@bent-pail/contract';
import type { ReadRow, TableKindKey } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import type { FileRow } from '../notebookFile/read';
import { lotRows } from './lotRows';
import { readingRows } from './readingRows';
import { weightRows } from './weightRows';

/** By whom and when a table is taken in. */
export interface By {
  readonly userId: string;
  readonly now: Date;
}

/** Rows of the notebook that a table means, and rows of it that mean none. */
export interface Translated {
  readonly rows: readonly FileRow[];
  readonly refusals: readonly FileRefusal[];
}

export type Translate = (manager: EntityManager, rows: readonly ReadRow[], by: By) => Promise<Translated>;

/** How each kind of table becomes rows of the notebook. */
export const TRANSLATE: Readonly<Record<TableKindKey, Translate>> = {
  lots: lotRows,
  readings: readingRows,
  weights: weightRows,
};
