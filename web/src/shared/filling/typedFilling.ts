import type { NewFilling } from '@bent-pail/contract';
import { numberOf } from '../numberOf';

/** A filling as it is typed. */
export interface TypedFilling {
  readonly empty: string;
  readonly full: string;
  readonly water: string;
}

export const NOTHING_TYPED: TypedFilling = { empty: '', full: '', water: '20' };

/** What was typed as numbers; throws a sentence that names the field. */
export const readFilling = (typed: TypedFilling): Pick<NewFilling, 'empty_g' | 'full_g' | 'waterTemp_C'> => ({
  empty_g: numberOf(typed.empty, 'Empty'),
  full_g: numberOf(typed.full, 'Full of water'),
  waterTemp_C: numberOf(typed.water, 'Water'),
});
