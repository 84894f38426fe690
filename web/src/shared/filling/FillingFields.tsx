import type { ReactElement } from 'react';
import { Field } from '../../kit/Field';
import type { TypedFilling } from './typedFilling';

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
