import { inUnit, unitSpelt } from '@bent-pail/core';
import { mine, mySign } from './mine';

export interface RuleMark {
  /** Height above the base, cm. */
  readonly cm: number;
  /** The number at the mark. */
  readonly n: number;
}

/** Marks of a rule beside a pot or a pail, whole ones of the unit that is read. */
export function ruleMarks(height_cm: number): RuleMark[] {
  const sign = mySign('cm');
  const [own, kept] = [unitSpelt(sign), unitSpelt('cm')];
  if (own === undefined || kept === undefined) throw new Error(`${sign} is no unit`);
  const height = mine(height_cm, 'cm');
  const step = height > 12 ? 5 : height > 6 ? 2 : 1;
  const count = Math.floor(height / step) + 1;
  return Array.from({ length: count }, (_, i) => ({
    cm: inUnit(i * step, own, kept),
    n: i * step,
  }));
}
