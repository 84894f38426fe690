import type { NewUser, UserRow } from '@bent-pail/contract';
import type { ReactElement } from 'react';
import { api } from '../shared/api';
import { BodyForm } from '../shared/forms/BodyForm';
import { ChoiceField, TextField } from '../shared/forms/fields';
import { useBodyForm } from '../shared/forms/useBodyForm';
import { once } from '../shared/once';
import { queryClient } from '../shared/resources/client';
import { usersQuery } from '../shared/resources/people';
import { ROLE_WORDS } from './roles';
import { Button } from '../kit/Button';

const NOBODY: Omit<NewUser, 'id'> = { name: '', role: 'tester', password: '' };

/** A name, a role and a first password for one more person. */
export function AddPerson(): ReactElement {
  const form = useBodyForm({
    body: 'NewUser',
    start: NOBODY,
    read: (typed) => typed,
    send: (said) => once(['user', said.name, said.role], (id) => api.post<UserRow>('/users', { id: id(), ...said })),
    onKept: () => {
      form.fields.reset(NOBODY);
      return queryClient.invalidateQueries({ queryKey: usersQuery.queryKey });
    },
  });
  return (
    <BodyForm form={form} label="Add a person" className="grid gap-3 md:grid-cols-2">
      <TextField name="name" label="Name" />
      <ChoiceField name="role" label="Role" options={ROLE_WORDS} />
      <TextField name="password" label="A first password" type="password" />
      <span className="flex items-end">
        <Button type="submit" disabled={form.isBusy}>
          Add
        </Button>
      </span>
    </BodyForm>
  );
}
