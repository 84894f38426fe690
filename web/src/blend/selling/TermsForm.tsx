import type { SellingPage, SellingTerms } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { api } from '../../shared/api';
import { BodyForm } from '../../shared/forms/BodyForm';
import { TextField } from '../../shared/forms/fields';
import { maybeNumber, typedNumber } from '../../shared/forms/Mistyped';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { once } from '../../shared/once';
import { inField } from '../../shared/units/mine';
import { keptSelling, type SellingFormProps } from './keptSelling';

const shown = (value: number | undefined): string => (value === undefined ? '' : String(value));

/** How it is packed, and at which prices. */
export function TermsForm({ blendId, selling: { terms, currency }, onDone }: SellingFormProps): ReactElement {
  const form = useBodyForm({
    body: 'SellingTerms',
    start: {
      pack_L: inField(terms?.pack_L ?? 40, 'L'),
      packaging: shown(terms?.packaging ?? 0),
      minutes: shown(terms?.minutes ?? 0),
      hourPrice: shown(terms?.hourPrice ?? 0),
      tradePrice: shown(terms?.tradePrice),
      privatePrice: shown(terms?.privatePrice),
    },
    read: (typed): Omit<SellingTerms, 'id'> => ({
      pack_L: typedNumber(typed.pack_L, 'pack_L'),
      packaging: typedNumber(typed.packaging, 'packaging'),
      minutes: typedNumber(typed.minutes, 'minutes'),
      hourPrice: typedNumber(typed.hourPrice, 'hourPrice'),
      ...maybeNumber(typed.tradePrice, 'tradePrice'),
      ...maybeNumber(typed.privatePrice, 'privatePrice'),
    }),
    send: (said) =>
      once(['terms', blendId, said], (id) =>
        api.post<SellingPage>(`/blends/${blendId}/selling/terms`, { id: id(), ...said }),
      ),
    onKept: (page) => {
      keptSelling(blendId, page);
      onDone();
    },
  });
  return (
    <BodyForm form={form} label="How it is packed" className="mt-2 flex flex-wrap items-end gap-3">
      <TextField name="pack_L" label="A pack holds" mode="decimal" className="w-32" />
      <TextField name="packaging" label={`Bag and label, ${currency}`} mode="decimal" className="w-32" />
      <TextField name="minutes" label="Minutes of work on one" mode="decimal" className="w-40" />
      <TextField name="hourPrice" label={`An hour, ${currency}`} mode="decimal" className="w-28" />
      <TextField name="tradePrice" label={`Trade price, ${currency}`} mode="decimal" className="w-32" />
      <TextField name="privatePrice" label={`Private price, ${currency}`} mode="decimal" className="w-32" />
      <Button type="submit" disabled={form.isBusy}>
        Keep it
      </Button>
      <Button look="tie" onClick={onDone}>
        Cancel
      </Button>
    </BodyForm>
  );
}
