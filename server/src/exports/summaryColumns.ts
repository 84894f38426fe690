import { property, type CalibrationTrouble, type PropertyKey } from '@bent-pail/core';
import type { Row } from './table';

/** Headings of a figure in any table. */
export const SUMMARY = ['property', 'unit', 'mean', 'sd', 'se', 'n', 'words'] as const;
export const TROUBLE = ['calibration', 'calibration_note'] as const;

interface Summarised {
  readonly property: string;
  readonly mean: number;
  readonly sd: number | null;
  readonly se: number | null;
  readonly n: number;
  readonly words: string | null;
  readonly trouble: object | null;
}

/** A figure in the columns that all tables of figures have. */
export function summaryColumns({ property: key, mean, sd, se, n, words, trouble }: Summarised): Row {
  const { label, unit } = property(key as PropertyKey);
  const { state, sentence } = (trouble ?? {}) as Partial<CalibrationTrouble>;
  return { property: label, unit, mean, sd, se, n, words, calibration: state, calibration_note: sentence };
}
