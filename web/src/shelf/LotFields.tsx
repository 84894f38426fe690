import { isLikeness, MEDIA_CLASS_NAMES, mediaClassLabel } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { useWatch } from 'react-hook-form';
import { ChoiceField, DayField, TextField } from '../shared/forms/fields';

/** What is typed of a lot. */
export interface LotFieldValues {
  readonly classId: string;
  readonly source: string;
  readonly grade: string;
  readonly boughtOn: string;
  readonly price: string;
  readonly packVolume_L: string;
  readonly packWeight_kg: string;
  readonly opensTo: string;
  readonly opensToBy: string;
  readonly state: string;
}

/** The classes, and the likeness that stands for one where it was described. */
const classesWith = (chosen: string): typeof CLASSES =>
  isLikeness(chosen) ? [...CLASSES, { key: chosen, words: mediaClassLabel(chosen) ?? chosen }] : CLASSES;

const CLASSES = [
  { key: '', words: 'not known yet' },
  ...MEDIA_CLASS_NAMES.map(({ id, label }) => ({ key: id, words: label })),
];

export const NO_FIELDS: LotFieldValues = {
  classId: '',
  source: '',
  grade: '',
  boughtOn: '',
  price: '',
  packVolume_L: '',
  packWeight_kg: '',
  opensTo: '',
  opensToBy: '',
  state: '',
};

/** What may be known of a lot; none of it is needed to begin. */
export function LotFields({ currency }: { readonly currency: string }): ReactElement {
  const [chosen, pack] = useWatch<LotFieldValues, ['classId', 'packVolume_L']>({ name: ['classId', 'packVolume_L'] });
  return (
    <>
      <ChoiceField name="classId" label="Kind of material" options={classesWith(chosen)} />
      <TextField name="source" label="Where from" placeholder="heap by the potting shed" />
      <TextField name="grade" label="Grade" placeholder="3-8 mm, screened" />
      <DayField name="boughtOn" label="Arrived on" />
      <TextField name="price" label={`Paid for one pack, ${currency}`} mode="decimal" />
      <TextField name="packVolume_L" label="Pack on the label" mode="decimal" />
      <TextField name="packWeight_kg" label="It weighs" mode="decimal" placeholder="5 kg, for a block or bale" />
      {pack !== '' && (
        <>
          <TextField
            name="opensTo"
            label="It opens to, times the label"
            mode="decimal"
            placeholder="1.82, if it swells or is fluffed up"
          />
          <TextField name="opensToBy" label="By whose word" placeholder="the label, the supplier, our own trial" />
        </>
      )}
      <TextField name="state" label="State" placeholder="moist, opened in October" />
    </>
  );
}
