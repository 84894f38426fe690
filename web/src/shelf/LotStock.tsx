import type { LotRow, StockCount } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import { useState, type SubmitEvent, type ReactElement } from 'react';
import { Link } from 'react-router';
import { api, sentenceOf } from '../shared/api';
import { once } from '../shared/once';
import { Field } from '../kit/Field';
import { fixed } from '../kit/format';
import { numberOf } from '../shared/numberOf';
import { lotQuery, queryClient } from '../shared/queries';
import { Prepare } from './Prepare';
import { preparationWords } from './preparationWords';

/** Where a lot comes from, in one sentence with its address. */
export function OriginLine({ lot }: { readonly lot: LotRow }): ReactElement | null {
  const { origin } = lot;
  if (origin.kind === 'bought') return null;
  const went = origin.kind === 'prepared' ? preparationWords(origin.record) : '';
  return origin.kind === 'prepared' ? (
    <>
      {origin.how} from <Link to={`/shelf/lots/${origin.fromId}`}>{origin.fromCode}</Link>
      {went === '' ? '' : `: ${went}`}.{' '}
    </>
  ) : (
    <>
      A batch of{' '}
      <Link to={`/blend/${origin.blendId}/versions/${String(origin.n)}`}>
        {origin.blendName}, version {origin.n}
      </Link>
      ;{' '}
      <Link to="/blend/bench" className="whitespace-nowrap">
        measured against predicted
      </Link>
      .{' '}
    </>
  );
}

/** What is there of a lot, and a lot made from it. */
export function LotStock({ lot }: { readonly lot: LotRow }): ReactElement {
  const [open, setOpen] = useState<'count' | 'prepare'>();
  return (
    <section className="lot-stock" aria-label="Stock">
      <p>
        <b>On hand:</b>{' '}
        {lot.stock_L === undefined ? (
          <span className="q">never counted</span>
        ) : (
          <span className="f">{fixed(lot.stock_L, 1)} L</span>
        )}
      </p>
      {open === undefined && (
        <p className="flex gap-3">
          <button
            type="button"
            className="alt"
            onClick={() => {
              setOpen('count');
            }}
          >
            Count it
          </button>
          <button
            type="button"
            className="alt"
            onClick={() => {
              setOpen('prepare');
            }}
          >
            Prepare a lot from it
          </button>
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
  const [litres, setLitres] = useState(lot.stock_L === undefined ? '' : String(lot.stock_L));
  const count = useMutation({
    mutationFn: () => {
      const stock_L = numberOf(litres, 'On hand');
      return once(['stock', lot.id, stock_L], (id) => {
        const body: StockCount = { id: id(), stock_L };
        return api.post<LotRow>(`/lots/${lot.id}/stock`, body);
      });
    },
    onSuccess: async () => {
      await queryClient.invalidateQueries({ queryKey: lotQuery(lot.id).queryKey.slice(0, 1) });
      onDone();
    },
  });
  return (
    <form
      className="flex flex-wrap items-end gap-3"
      aria-label="Count it"
      onSubmit={(event: SubmitEvent) => {
        event.preventDefault();
        count.mutate();
      }}
    >
      <Field label="On hand now, loose L" mode="decimal" value={litres} onChange={setLitres} className="w-40" />
      <button type="submit" className="act" disabled={count.isPending}>
        Keep
      </button>
      <button type="button" className="alt" onClick={onDone}>
        Leave it
      </button>
      {count.error !== null && (
        <p className="sorry basis-full" role="alert">
          {sentenceOf(count.error)}
        </p>
      )}
    </form>
  );
}
