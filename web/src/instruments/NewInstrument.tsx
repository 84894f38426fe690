import type { InstrumentRow, NewInstrument as Body } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import { useState, type SubmitEvent, type ReactElement } from 'react';
import { api, sentenceOf } from '../shared/api';
import { once } from '../shared/once';
import { Choice } from '../kit/Choice';
import { Field } from '../kit/Field';
import { instrumentsQuery, queryClient } from '../shared/queries';

const KINDS = [
  { key: 'mv', words: 'pH meter that shows mV' },
  { key: 'pen', words: 'pH pen that shows pH only' },
  { key: 'ec', words: 'EC meter' },
  { key: 'scale', words: 'scale' },
] as const;

type Kind = (typeof KINDS)[number]['key'];

/** A name and a kind; what it is worth comes with its first calibration. */
export function NewInstrument({ onDone }: { readonly onDone: () => void }): ReactElement {
  const [name, setName] = useState('');
  const [kind, setKind] = useState<Kind>('mv');
  const add = useMutation({
    mutationFn: () => {
      const said: Omit<Body, 'id'> = {
        name,
        kind: kind === 'mv' || kind === 'pen' ? 'pH' : kind,
        showsMv: kind === 'mv',
      };
      return once(['instrument', said], (id) => api.post<InstrumentRow[]>('/instruments', { id: id(), ...said }));
    },
    onSuccess: (rows) => {
      queryClient.setQueryData(instrumentsQuery.queryKey, rows);
      onDone();
    },
  });
  return (
    <form
      className="flex flex-wrap items-end gap-4 border-b-[3px] border-ink bg-paper px-5 py-4"
      aria-label="Another instrument"
      onSubmit={(event: SubmitEvent) => {
        event.preventDefault();
        add.mutate();
      }}
    >
      <Field label="Name, as it is called here" value={name} onChange={setName} className="w-64" />
      <Choice label="It is a" value={kind} options={KINDS} onChange={setKind} />
      <button type="submit" className="act" disabled={add.isPending}>
        Put it on the bench
      </button>
      <button type="button" className="alt" onClick={onDone}>
        Leave it
      </button>
      {add.error !== null && (
        <p className="sorry basis-full" role="alert">
          {sentenceOf(add.error)}
        </p>
      )}
    </form>
  );
}
