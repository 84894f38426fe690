import { amountAt, normalised, type Amount } from './amount';

/** An amount that stands alone, as in the field of a recipe's line: "2", "2-3", "20 L", "30 %"; undefined for anything else. */
export function readAmount(text: string): Omit<Amount, 'rest'> | undefined {
  const found = amountAt(normalised(text));
  if (found?.rest.trim() !== '' || !(found.lo >= 0)) return undefined;
  return { lo: found.lo, hi: found.hi, unit: found.unit };
}
