import { handfulDose } from '@bent-pail/core';
import { Mistyped, typedNumber } from '../../shared/forms/Mistyped';

const DOSE = /^\s*([\d.,]+)\s*(g|g\/l|handfuls?)?\s*$/i;

interface Dose {
  readonly gPerL: number;
  readonly gPerL_se?: number;
}

/** A dose to a litre made as it was typed: grams, or handfuls of something whose handful is known or was weighed. */
export function doseTyped(text: string, classId: string, weighed_g: number | undefined): Dose {
  const [, amount, unit = 'g'] = DOSE.exec(text) ?? [];
  if (amount === undefined) return { gPerL: typedNumber(text, 'gPerL') };
  const number = typedNumber(amount, 'gPerL');
  if (!unit.toLowerCase().startsWith('handful')) return { gPerL: number };
  const dose = handfulDose(classId, number, weighed_g);
  if (dose === undefined)
    throw new Mistyped('gPerL', 'What a handful of it weighs is not known: say what it is, or type grams.');
  return dose;
}
