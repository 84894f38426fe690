import type { RubricRow } from '@bent-pail/contract';
import { RUBRICS } from '@bent-pail/core';

export const BEDS_KEY = 'beds';

/** What ships, as the server lists it. */
export const rubricRows = (): RubricRow[] => RUBRICS.map((rubric) => ({ rubric, cards: 0 }));
