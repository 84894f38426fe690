import type { PupilFigure } from '@bent-pail/core';
import { fixed } from '../../kit/format';
import { amount, inMine, mySign } from '../units/mine';

type Shown = Pick<PupilFigure, 'unit' | 'digits' | 'classes'>;

/** A figure's value with its unit, or the class that it is. */
export function figureShown({ unit, digits, classes }: Shown, value: number): string {
  if (classes !== undefined) return classes[Math.round(value)] ?? '';
  if (unit === '') return fixed(value, digits);
  if (unit === '%') return `${fixed(value, digits)} %`;
  return amount(value, unit, digits);
}

/** The number alone, for where its head says the unit. */
export const figureAlone = ({ unit, digits }: Shown, value: number): string =>
  unit === '' || unit === '%' ? fixed(value, digits) : inMine(value, unit, digits);

export const figureSign = ({ unit }: Shown): string => (unit === '' || unit === '%' ? unit : mySign(unit));
