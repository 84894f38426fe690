import type { InstrumentRow, NewInstrument as Body } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { api } from '../shared/api';
import { BodyForm } from '../shared/forms/BodyForm';
import { ChoiceField, TextField } from '../shared/forms/fields';
import { useBodyForm } from '../shared/forms/useBodyForm';
import { once } from '../shared/once';
import { queryClient } from '../shared/resources/client';
import { instrumentsQuery } from '../shared/resources/instruments';
import { Button } from '../kit/Button';

const KINDS = [
  { key: 'mv', words: 'pH meter that shows mV' },
  { key: 'pen', words: 'pH pen that shows pH only' },
  { key: 'ec', words: 'EC meter' },
  { key: 'scale', words: 'scale' },
] as const;

interface Typed {
  readonly name: string;
  readonly kind: (typeof KINDS)[number]['key'];
}

const NEW: Typed = { name: '', kind: 'mv' };

const read = ({ name, kind }: Typed): Omit<Body, 'id'> => ({
  name,
  kind: kind === 'mv' || kind === 'pen' ? 'pH' : kind,
  showsMv: kind === 'mv',
});

/** A name and a kind; what it is worth comes with its first calibration. */
export function NewInstrument({ onDone }: { readonly onDone: () => void }): ReactElement {
  const form = useBodyForm({
    body: 'NewInstrument',
    start: NEW,
    read,
    send: (said) =>
      once(['instrument', said], (id) => api.post<InstrumentRow[]>('/instruments', { id: id(), ...said })),
    onKept: (rows) => {
      queryClient.setQueryData(instrumentsQuery.queryKey, rows);
      onDone();
    },
  });
  return (
    <BodyForm
      form={form}
      label="Another instrument"
      className="flex flex-wrap items-end gap-4 border-b-[3px] border-ink bg-paper px-5 py-4"
    >
      <TextField name="name" label="Name, as it is called here" className="w-64" />
      <ChoiceField name="kind" label="It is a" options={KINDS} />
      <Button type="submit" look="act" disabled={form.isBusy}>
        Put it on the bench
      </Button>
      <Button onClick={onDone}>Cancel</Button>
    </BodyForm>
  );
}
