import type { NewVessel } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { Button } from '../kit/Button';
import { api } from '../shared/api';
import { BodyForm } from '../shared/forms/BodyForm';
import { ChoiceField, TextField } from '../shared/forms/fields';
import { typedNumber } from '../shared/forms/Mistyped';
import { useBodyForm } from '../shared/forms/useBodyForm';
import { once } from '../shared/once';
import { queryClient } from '../shared/resources/client';
import { vesselsQuery } from '../shared/resources/vessels';

const KINDS = [
  { key: 'vessel', words: 'test vessel' },
  { key: 'pot', words: 'pot' },
] as const;

interface Typed {
  readonly name: string;
  readonly kind: NewVessel['kind'];
  readonly shape: { readonly height_cm: string };
}

const NEW: Typed = { name: '', kind: 'vessel', shape: { height_cm: '' } };

/** One more vessel; how much it holds is measured on its line, or typed there in mL. */
export function NewVesselForm({ onDone }: { readonly onDone: () => void }): ReactElement {
  const form = useBodyForm({
    body: 'NewVessel',
    start: NEW,
    read: ({ name, kind, shape: { height_cm } }): Omit<NewVessel, 'id'> => ({
      name,
      kind,
      ...(height_cm.trim() === '' ? {} : { shape: { height_cm: typedNumber(height_cm, 'shape.height_cm') } }),
    }),
    send: (said) => once(['vessel', said], (id) => api.post<unknown>('/vessels', { id: id(), ...said })),
    onKept: async () => {
      await queryClient.invalidateQueries({ queryKey: vesselsQuery.queryKey });
      onDone();
    },
  });
  return (
    <BodyForm
      form={form}
      label="Another vessel"
      className="flex flex-wrap items-end gap-4 border-b-[3px] border-ink bg-paper px-5 py-4"
    >
      <TextField name="name" label="Name, as it is marked" className="w-56" />
      <ChoiceField name="kind" label="It is a" options={KINDS} />
      <TextField name="shape.height_cm" label="Depth inside" mode="decimal" className="w-36" />
      <Button type="submit" look="act" disabled={form.isBusy}>
        Put it on the list
      </Button>
      <Button onClick={onDone}>Cancel</Button>
    </BodyForm>
  );
}
