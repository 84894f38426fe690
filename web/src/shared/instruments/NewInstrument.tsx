import type { InstrumentRow, NewInstrument as Body } from '@bent-pail/contract';
import type { InstrumentKind } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { api } from '../api';
import { BodyForm } from '../forms/BodyForm';
import { ChoiceField, TextField } from '../forms/fields';
import { useBodyForm } from '../forms/useBodyForm';
import { once } from '../once';
import { queryClient } from '../resources/client';
import { instrumentsQuery } from '../resources/instruments';
import { Button } from '../../kit/Button';

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

const kindOf = (kind: Typed['kind']): InstrumentKind => (kind === 'mv' || kind === 'pen' ? 'pH' : kind);

const read = ({ name, kind }: Typed): Omit<Body, 'id'> => ({
  name,
  kind: kindOf(kind),
  showsMv: kind === 'mv',
});

interface NewInstrumentProps {
  /** Only of this kind: what a sheet lacks. */
  readonly kind?: InstrumentKind;
  readonly className?: string;
  /** With the one that was put on the bench, or with none. */
  readonly onDone: (row?: InstrumentRow) => void;
}

/** A name and a kind; what it is worth comes with its first calibration. */
export function NewInstrument({ kind, className = '', onDone }: NewInstrumentProps): ReactElement {
  const kinds = KINDS.filter((one) => kind === undefined || kindOf(one.key) === kind);
  const form = useBodyForm({
    body: 'NewInstrument',
    start: { name: '', kind: (kinds[0] ?? KINDS[0]).key },
    read,
    send: (said) =>
      once(['instrument', said], async (id) => {
        const own = id();
        return { own, rows: await api.post<InstrumentRow[]>('/instruments', { id: own, ...said }) };
      }),
    onKept: ({ own, rows }) => {
      queryClient.setQueryData(instrumentsQuery.queryKey, rows);
      onDone(rows.find((row) => row.id === own));
    },
  });
  return (
    <BodyForm form={form} label="Another instrument" className={`flex flex-wrap items-end gap-4 ${className}`}>
      <TextField name="name" label="Name, as it is called here" className="w-64" />
      {kinds.length > 1 && <ChoiceField name="kind" label="It is a" options={kinds} />}
      <Button type="submit" look="act" disabled={form.isBusy}>
        Put it on the bench
      </Button>
      <Button
        onClick={() => {
          onDone();
        }}
      >
        Cancel
      </Button>
    </BodyForm>
  );
}
