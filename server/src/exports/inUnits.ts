import { shownSign, shownValue, shownWidth, type UnitChoice } from '@bent-pail/core';
import type { Row } from './table';

/** Headings of numbers in the unit of their row: those that have its zero, and those that are widths. */
const VALUES = ['value', 'mean'];
const WIDTHS = ['sd', 'se'];

/** A row of a table, kept metric, in the units that somebody reads. All digits stay: what is read back is the same. */
export function inUnits(row: Row, choice: UnitChoice): Row {
  const { unit } = row;
  if (typeof unit !== 'string') return row;
  const moved = (headings: readonly string[], move: typeof shownValue): Row =>
    Object.fromEntries(
      headings.flatMap((heading) => {
        const value = row[heading];
        return typeof value === 'number' ? [[heading, move(value, unit, choice)]] : [];
      }),
    );
  return { ...row, unit: shownSign(unit, choice), ...moved(VALUES, shownValue), ...moved(WIDTHS, shownWidth) };
}
