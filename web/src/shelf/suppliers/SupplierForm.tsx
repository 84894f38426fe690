import type { NewSupplier, SupplierPage } from '@bent-pail/contract';
import { useState, type ReactElement } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { SUPPLIER_KINDS } from '@bent-pail/contract/choices';
import { Button } from '../../kit/Button';
import { api } from '../../shared/api';
import { BodyForm } from '../../shared/forms/BodyForm';
import { ChoiceField, DayField, TextField } from '../../shared/forms/fields';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { queryClient } from '../../shared/resources/client';
import { suppliersKey } from '../../shared/resources/suppliers';
import { SUPPLIER_WORDS } from './words';

interface SupplierFormProps {
  /** One that is changed. */
  readonly of?: SupplierPage;
  readonly onKept: (page: SupplierPage) => void;
  readonly onLeave: () => void;
}

const said = <K extends string>(key: K, text: string): Partial<Record<K, string>> =>
  text.trim() === '' ? {} : ({ [key]: text } as Record<K, string>);

/** Who they are, and, of what is given away, by whose word it may be taken. */
export function SupplierForm({ of, onKept, onLeave }: SupplierFormProps): ReactElement {
  const [id] = useState(() => of?.id ?? uuidv7());
  const form = useBodyForm({
    body: 'NewSupplier',
    start: {
      name: of?.name ?? '',
      kind: of?.kind ?? 'trade',
      permission: of?.permission ?? '',
      permissionUntil: of?.permissionUntil ?? '',
      note: of?.note ?? '',
    },
    read: ({ name, kind, permission, permissionUntil, note }): NewSupplier => ({
      id,
      name,
      kind,
      ...said('permission', permission),
      ...said('permissionUntil', permissionUntil),
      ...said('note', note),
    }),
    send: (body) => api.post<SupplierPage>('/suppliers', body),
    onKept: async (page) => {
      await queryClient.invalidateQueries({ queryKey: suppliersKey });
      onKept(page);
    },
  });
  return (
    <BodyForm
      form={form}
      label="A supplier"
      className="flex flex-wrap items-end gap-4 border-b-[3px] border-ink bg-paper px-5 py-4"
    >
      <TextField name="name" label="Name" className="w-56" />
      <ChoiceField
        name="kind"
        label="Who"
        options={SUPPLIER_KINDS.map((key) => ({ key, words: SUPPLIER_WORDS[key] }))}
      />
      <TextField
        name="permission"
        label="Who allows it to be taken"
        placeholder="the foreman, by word"
        className="w-64"
      />
      <DayField name="permissionUntil" label="Until" />
      <TextField name="note" label="Note" placeholder="rings before they come" className="w-64" />
      <Button type="submit" look="act" disabled={form.isBusy}>
        Keep them
      </Button>
      <Button look="tie" onClick={onLeave}>
        Cancel
      </Button>
    </BodyForm>
  );
}
