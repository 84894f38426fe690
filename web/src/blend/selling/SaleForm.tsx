import type { NewSale, SellingPage } from '@bent-pail/contract';
import { SALE_KINDS } from '@bent-pail/contract/choices';
import { useState, type ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { api } from '../../shared/api';
import { BodyForm } from '../../shared/forms/BodyForm';
import { ChoiceField, DayField, TextField } from '../../shared/forms/fields';
import { typedNumber } from '../../shared/forms/Mistyped';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { once } from '../../shared/once';
import { batchOptions, keptSelling, type SellingFormProps } from './keptSelling';

const KIND_WORDS = { trade: 'the trade', private: 'private buyers' } as const;

/** Private buyers come singly, and are noted more often. */
const USUAL: NewSale['kind'] = 'private';

/** Packs that were sold, of which batch and at which price. */
export function SaleForm({ blendId, selling, onDone }: SellingFormProps): ReactElement {
  const [today] = useState(() => new Date().toISOString().slice(0, 10));
  const form = useBodyForm({
    body: 'NewSale',
    start: {
      on: today,
      packs: '',
      kind: USUAL,
      price: String(selling.terms?.privatePrice ?? ''),
      lotId: selling.batches[0]?.lotId ?? '',
    },
    read: ({ on, packs, kind, price, lotId }): Omit<NewSale, 'id'> => ({
      on,
      packs: typedNumber(packs, 'packs'),
      kind,
      price: typedNumber(price, 'price'),
      ...(lotId === '' ? {} : { lotId }),
    }),
    send: (said) =>
      once(['sale', blendId, said], (id) =>
        api.post<SellingPage>(`/blends/${blendId}/selling/sales`, { id: id(), ...said }),
      ),
    onKept: (page) => {
      keptSelling(blendId, page);
      onDone();
    },
  });
  return (
    <BodyForm form={form} label="Packs were sold" className="mt-2 flex flex-wrap items-end gap-3">
      <DayField name="on" label="On" />
      <TextField name="packs" label="Packs" mode="numeric" className="w-24" />
      <ChoiceField name="kind" label="To" options={SALE_KINDS.map((key) => ({ key, words: KIND_WORDS[key] }))} />
      <TextField name="price" label={`For one, ${selling.currency}`} mode="decimal" className="w-28" />
      <ChoiceField name="lotId" label="Batch" options={batchOptions(selling)} />
      <Button type="submit" disabled={form.isBusy}>
        Note it
      </Button>
      <Button look="tie" onClick={onDone}>
        Cancel
      </Button>
    </BodyForm>
  );
}
