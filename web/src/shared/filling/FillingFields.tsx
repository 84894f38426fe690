import type { NewFilling } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { Field } from '../Field';
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

interface FillingFieldsProps {
  readonly typed: TypedFilling;
  readonly onChange: (typed: TypedFilling) => void;
}

/** Two weighings and the water's temperature: what measures a vessel. */
export function FillingFields({ typed, onChange }: FillingFieldsProps): ReactElement {
  const field = (key: keyof TypedFilling, label: string, width: string): ReactElement => (
    <Field
      label={label}
      className={width}
      mode="decimal"
      value={typed[key]}
      onChange={(value) => {
        onChange({ ...typed, [key]: value });
      }}
    />
  );
  return (
    <>
      {field('empty', 'Empty, g', 'w-36')}
      {field('full', 'Full of water, g', 'w-36')}
      {field('water', 'Water, °C', 'w-24')}
    </>
  );
}
