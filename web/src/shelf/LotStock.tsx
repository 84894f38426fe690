import { PREPARATIONS, type LotRow, type NewPrepared, type Preparation, type StockCount } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import { useState, type SubmitEvent, type ReactElement } from 'react';
import { Link, useNavigate } from 'react-router';
import { v7 as uuidv7 } from 'uuid';
import { api, sentenceOf } from '../shared/api';
import { Choice, Field } from '../shared/Field';
import { fixed } from '../shared/format';
import { numberOf } from '../shared/numberOf';
import { lotQuery, queryClient } from '../shared/queries';

/** Where a lot comes from, in one sentence with its address. */
export function OriginLine({ lot }: { readonly lot: LotRow }): ReactElement | null {
  const { origin } = lot;
  if (origin.kind === 'bought') return null;
  return origin.kind === 'prepared' ? (
    <>
      {origin.how} from <Link to={`/shelf/lots/${origin.fromId}`}>{origin.fromCode}</Link>.{' '}
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
      const body: StockCount = { id: uuidv7(), stock_L: numberOf(litres, 'On hand') };
      return api.post<LotRow>(`/lots/${lot.id}/stock`, body);
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

function Prepare({ lot, onLeave }: { readonly lot: LotRow; readonly onLeave: () => void }): ReactElement {
  const navigate = useNavigate();
  const [how, setHow] = useState<Preparation>('rinsed');
  const [code, setCode] = useState(`${lot.code}-r`);
  const [took, setTook] = useState('');
  const [made, setMade] = useState('');
  const [note, setNote] = useState('');
  const prepare = useMutation({
    mutationFn: () => {
      const body: NewPrepared = {
        id: uuidv7(),
        code,
        how,
        ...(note.trim() === '' ? {} : { note: note.trim() }),
        ...(took.trim() === '' ? {} : { took_L: numberOf(took, 'Taken') }),
        ...(made.trim() === '' ? {} : { made_L: numberOf(made, 'Made') }),
      };
      return api.post<LotRow>(`/lots/${lot.id}/prepared`, body);
    },
    onSuccess: async (row) => {
      await queryClient.invalidateQueries({ queryKey: ['lots'] });
      void navigate(`/shelf/lots/${row.id}`);
    },
  });
  return (
    <form
      className="flex flex-wrap items-end gap-3"
      aria-label="Prepare a lot from it"
      onSubmit={(event: SubmitEvent) => {
        event.preventDefault();
        prepare.mutate();
      }}
    >
      <Choice
        label="It was"
        value={how}
        options={PREPARATIONS.map((key) => ({ key, words: key.replace('-', ' ') }))}
        onChange={setHow}
      />
      <Field label="Code of the new lot" value={code} onChange={setCode} className="w-36" />
      <Field label="Taken, L" mode="decimal" value={took} onChange={setTook} className="w-24" />
      <Field label="Made, L" mode="decimal" value={made} onChange={setMade} className="w-24" />
      <Field label="How: mesh, times, water, minutes" value={note} onChange={setNote} className="w-72" />
      <button type="submit" className="act" disabled={prepare.isPending}>
        It is a new lot
      </button>
      <button type="button" className="alt" onClick={onLeave}>
        Leave it
      </button>
      {prepare.error !== null && (
        <p className="sorry basis-full" role="alert">
          {sentenceOf(prepare.error)}
        </p>
      )}
    </form>
  );
}
