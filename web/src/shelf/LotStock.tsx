import type { LotRow, StockCount } from '@bent-pail/contract';
import { useState, type ReactElement } from 'react';
import { amount, inField } from '../shared/units/mine';
import { api } from '../shared/api';
import { BodyForm } from '../shared/forms/BodyForm';
import { TextField } from '../shared/forms/fields';
import { typedNumber } from '../shared/forms/Mistyped';
import { useBodyForm } from '../shared/forms/useBodyForm';
import { once } from '../shared/once';
import { queryClient } from '../shared/resources/client';
import { lotQuery } from '../shared/resources/lots';
import { Prepare } from './Prepare';
import { Button } from '../kit/Button';

/** What is there of a lot, and a lot made from it. */
export function LotStock({ lot }: { readonly lot: LotRow }): ReactElement {
  const [open, setOpen] = useState<'count' | 'prepare'>();
  return (
    <section
      className="mt-3 flex flex-wrap items-center gap-x-5 gap-y-2.5 border-t-[1.5px] border-zinc2 pt-2.5"
      aria-label="Stock"
    >
      <p>
        <b>On hand:</b>{' '}
        {lot.stock_L === undefined ? (
          <span className="text-ink2">never counted</span>
        ) : (
          <span className="figure">{amount(lot.stock_L, 'L', 1)}</span>
        )}
      </p>
      {open === undefined && (
        <p className="flex gap-3">
          <Button
            onClick={() => {
              setOpen('count');
            }}
          >
            Count it
          </Button>
          <Button
            onClick={() => {
              setOpen('prepare');
            }}
          >
            Prepare a lot from it
          </Button>
        </p>
      )}
      {open === 'count' && (
        <Count
          lot={lot}
          onDone={() => {
            setOpen(undefined);
          }}
        />
      )}
      {open === 'prepare' && (
        <Prepare
          lot={lot}
          onLeave={() => {
            setOpen(undefined);
          }}
        />
      )}
    </section>
  );
}

function Count({ lot, onDone }: { readonly lot: LotRow; readonly onDone: () => void }): ReactElement {
  const form = useBodyForm({
    body: 'StockCount',
    start: { litres: lot.stock_L === undefined ? '' : inField(lot.stock_L, 'L') },
    read: ({ litres }): Omit<StockCount, 'id'> => ({ stock_L: typedNumber(litres, 'litres') }),
    send: (said) =>
      once(['stock', lot.id, said.stock_L], (id) => api.post<LotRow>(`/lots/${lot.id}/stock`, { id: id(), ...said })),
    onKept: async () => {
      await queryClient.invalidateQueries({ queryKey: lotQuery(lot.id).queryKey.slice(0, 1) });
      onDone();
    },
  });
  return (
    <BodyForm form={form} label="Count it" className="flex flex-wrap items-end gap-3">
      <TextField name="litres" label="On hand now, loose" mode="decimal" className="w-40" />
      <Button type="submit" look="act" disabled={form.isBusy}>
        Keep
      </Button>
      <Button onClick={onDone}>Cancel</Button>
    </BodyForm>
  );
}
