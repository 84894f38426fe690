import { PRICE_WORDS, PACK_FORMS, USUAL_FACTOR } from '@bent-pail/core';
import type { LotRow, NewPrice, PriceNote } from '@bent-pail/contract';
import { useState, type ReactElement } from 'react';
import { useWatch } from 'react-hook-form';
import { Button } from '../../kit/Button';
import { api } from '../../shared/api';
import { BodyForm } from '../../shared/forms/BodyForm';
import { ChoiceField, DayField, TextField } from '../../shared/forms/fields';
import { maybeNumber, maybeWords, typedNumber } from '../../shared/forms/Mistyped';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { LotChoice } from '../../shared/lots/LotChoice';
import { once } from '../../shared/once';
import { queryClient } from '../../shared/resources/client';
import { pricesKey } from '../../shared/resources/prices';
import { serverNow } from '../../shared/serverClock';
import { inField } from '../../shared/units/mine';

const KINDS = (['paid', 'list', 'offer', 'delivered'] as const).map((key) => ({ key, words: PRICE_WORDS[key] }));

const FORM_WORDS: Readonly<Record<NewPrice['form'], string>> = {
  loose: 'loose in a bag',
  compressed: 'compressed, a bale',
  block: 'a block that swells',
  byWeight: 'sold by weight',
};

const PRODUCTS = { kind: 'product' } as const;

interface Typed extends Pick<NewPrice, 'kind' | 'form' | 'on'> {
  readonly price: string;
  readonly pack_L: string;
  readonly factor: string;
  readonly pack_kg: string;
  readonly delivery: string;
  readonly minutes: string;
  readonly place: string;
}

interface NotePriceProps {
  readonly product: LotRow;
  readonly currency: string;
  readonly onDone: () => void;
}

/** A price as it is seen: which pack, what kind of price, when and where. */
export function NotePrice({ product, currency, onDone }: NotePriceProps): ReactElement {
  const [lot, setLot] = useState(product);
  const start: Typed = {
    kind: 'paid',
    price: '',
    on: new Date(serverNow()).toISOString().slice(0, 10),
    form: 'loose',
    pack_L: product.packVolume_L === undefined ? '' : inField(product.packVolume_L, 'L'),
    factor: '',
    pack_kg: '',
    delivery: '',
    minutes: '',
    place: '',
  };
  const form = useBodyForm({
    body: 'NewPrice',
    start,
    read: (typed): Omit<NewPrice, 'id'> => ({
      lotId: lot.id,
      kind: typed.kind,
      price: typedNumber(typed.price, 'price'),
      on: typed.on,
      form: typed.form,
      ...maybeNumber(typed.pack_L, 'pack_L'),
      ...(typed.form === 'loose' || typed.form === 'byWeight' ? {} : maybeNumber(typed.factor, 'factor')),
      ...maybeNumber(typed.pack_kg, 'pack_kg'),
      ...maybeNumber(typed.delivery, 'delivery'),
      ...maybeNumber(typed.minutes, 'minutes'),
      ...maybeWords(typed.place, 'place'),
    }),
    send: (said) => once(['price', said], (id) => api.post<PriceNote[]>('/prices', { id: id(), ...said })),
    onKept: async () => {
      await queryClient.invalidateQueries({ queryKey: pricesKey });
      onDone();
    },
  });
  const packed = useWatch({ control: form.fields.control, name: 'form' });
  const swells = packed === 'compressed' || packed === 'block';
  return (
    <BodyForm
      form={form}
      label="Note a price"
      className="flex flex-wrap items-end gap-3 border-b-[3px] border-ink bg-paper px-5 py-4"
    >
      <LotChoice label="Product" chosen={lot} among={PRODUCTS} onChoose={setLot} />
      <TextField name="price" label={`One pack, ${currency}`} mode="decimal" className="w-28" />
      <ChoiceField name="kind" label="That is" options={KINDS} />
      <DayField name="on" label="Seen on" />
      <ChoiceField
        name="form"
        label="The pack"
        options={PACK_FORMS.map((one) => ({ key: one, words: FORM_WORDS[one] }))}
      />
      <TextField name="pack_L" label={swells ? 'It measures' : 'On the label'} mode="decimal" className="w-28" />
      {swells && (
        <TextField
          name="factor"
          label="Opens to, times"
          mode="decimal"
          placeholder={`${String(USUAL_FACTOR[packed])}, usually`}
          className="w-36"
        />
      )}
      <TextField name="pack_kg" label="It weighs" mode="decimal" className="w-28" />
      <TextField name="delivery" label={`Delivery, ${currency}`} mode="decimal" className="w-28" />
      <TextField name="minutes" label="Work on one, min" mode="decimal" className="w-32" />
      <TextField name="place" label="Where" placeholder="garden centre, page, receipt" className="w-56" />
      <span className="flex gap-3">
        <Button type="submit" look="act" disabled={form.isBusy}>
          Keep the price
        </Button>
        <Button onClick={onDone}>Cancel</Button>
      </span>
    </BodyForm>
  );
}
