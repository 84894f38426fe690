import type { FileRefusal } from '@bent-pail/contract';
import type { ReadRow } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import type { FileRow } from '../notebookFile/read';

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
