import { MEDIA_CLASSES } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { sentenceAt } from '../shared/api';
import { Choice } from '../kit/Choice';
import { DateField } from '../kit/DateField';

export interface LotFieldValues {
  readonly classId: string;
  readonly source: string;
  readonly grade: string;
  readonly boughtOn: string;
  readonly price: string;
  readonly packVolume_L: string;
  readonly state: string;
}

const CLASSES = [
  { key: '', words: 'not known yet' },
  ...MEDIA_CLASSES.map(({ id, label }) => ({ key: id, words: label })),
];

export const NO_FIELDS: LotFieldValues = {
  classId: '',
  source: '',
  grade: '',
  boughtOn: '',
  price: '',
  packVolume_L: '',
  state: '',
};

interface LotFieldsProps {
  readonly values: LotFieldValues;
  readonly onChange: (values: LotFieldValues) => void;
  readonly error: unknown;
  readonly currency: string;
}

/** What may be known of a lot; none of it is needed to begin. */
export function LotFields({ values, onChange, error, currency }: LotFieldsProps): ReactElement {
  const field = (
    key: keyof LotFieldValues,
    label: string,
    more: { inputMode?: 'decimal'; placeholder?: string } = {},
  ): ReactElement => (
    <label className="field">
      <span>{label}</span>
      <input
        value={values[key]}
        {...more}
        onChange={(event) => {
          onChange({ ...values, [key]: event.target.value });
        }}
      />
      {sentenceAt(error, key) !== undefined && <span className="sorry">{sentenceAt(error, key)}</span>}
    </label>
  );
  return (
    <>
      <Choice
        label="Kind of stuff"
        value={values.classId}
        options={CLASSES}
        onChange={(classId) => {
          onChange({ ...values, classId });
        }}
      />
      {field('source', 'Where from', { placeholder: 'heap by the potting shed' })}
      {field('grade', 'Grade', { placeholder: '3-8 mm, screened' })}
      <div>
        <DateField
          label="Came on"
          value={values.boughtOn}
          onChange={(boughtOn) => {
            onChange({ ...values, boughtOn });
          }}
        />
        {sentenceAt(error, 'boughtOn') !== undefined && <span className="sorry">{sentenceAt(error, 'boughtOn')}</span>}
      </div>
      {field('price', `Paid for one pack, ${currency}`, { inputMode: 'decimal' })}
      {field('packVolume_L', 'Pack on the label, L', { inputMode: 'decimal' })}
      {field('state', 'State', { placeholder: 'moist, opened in October' })}
    </>
  );
}
