import type { TableKindKey } from '@bent-pail/core';
import { lotRows } from './lotRows';
import { readingRows } from './readingRows';
import { reportRows } from './reportRows';
import type { Translate } from './translated';
import { weightRows } from './weightRows';

/** How each kind of table becomes rows of the notebook. */
export const TRANSLATE: Readonly<Record<TableKindKey, Translate>> = {
  lots: lotRows,
  readings: readingRows,
  weights: weightRows,
  reports: reportRows,
};
