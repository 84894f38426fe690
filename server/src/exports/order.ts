import type { UnitChoice } from '@bent-pail/core';
import type { Wanted } from './table';

/** Tables that are to be written as a workbook. */
export interface SheetsOrder {
  readonly databaseUrl: string;
  readonly names: readonly string[];
  readonly wanted: Wanted;
  readonly units: UnitChoice;
  readonly file: string;
}
