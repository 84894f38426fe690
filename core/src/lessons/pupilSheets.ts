import { ACID_SHEET } from './acidSheet';
import { BAG_SHEET } from './bagSheet';
import { HAND_SHEET } from './handSheet';
import { GUESS_SHEET, JUG_SHEET } from './jugSheet';
import type { PupilSheet } from './lesson';
import { MIXING_SHEET } from './mixingSheet';
import { HEIGHT_SHEET, STONES_SHEET } from './twoPots';

/** Sheets that a lesson can be held with, a teacher's own one too. */
export const PUPIL_SHEETS: readonly PupilSheet[] = Object.freeze([
  JUG_SHEET,
  GUESS_SHEET,
  HEIGHT_SHEET,
  STONES_SHEET,
  MIXING_SHEET,
  ACID_SHEET,
  BAG_SHEET,
  HAND_SHEET,
]);

export const pupilSheetCalled = (key: string): PupilSheet | undefined =>
  PUPIL_SHEETS.find((sheet) => sheet.key === key);
