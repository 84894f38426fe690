import type { NewUser, Role, UserRow } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import { useState, type ReactElement, type SubmitEvent } from 'react';
import { api, sentenceAt, sentenceOf } from '../shared/api';
import { Choice } from '../kit/Choice';
import { Field } from '../kit/Field';
import { once } from '../shared/once';
import { queryClient, usersQuery } from '../shared/queries';
import { ROLE_WORDS } from './roles';

/** A name, a role and a first password for one more person. */
export function AddPerson(): ReactElement {
  const [name, setName] = useState('');
  const [password, setPassword] = useState('');
  const [role, setRole] = useState<Role>('tester');
  const add = useMutation({
    mutationFn: (said: Omit<NewUser, 'id'>) =>
      once(['user', said.name, said.role], (id) => api.post<UserRow>('/users', { id: id(), ...said })),
    onSuccess: async () => {
      await queryClient.invalidateQueries({ queryKey: usersQuery.queryKey });
      setName('');
      setPassword('');
    },
  });
  const sorry = add.error === null ? undefined : (sentenceAt(add.error, 'name') ?? sentenceAt(add.error, 'password'));
  return (
    <form
      className="grid gap-3 md:grid-cols-2"
      aria-label="Add a person"
      onSubmit={(event: SubmitEvent) => {
        event.preventDefault();
        add.mutate({ name, role, password });
      }}
    >
      <Field label="Name" value={name} onChange={setName} />
      <Choice label="Role" value={role} options={ROLE_WORDS} onChange={setRole} />
      <Field label="A first password" type="password" value={password} onChange={setPassword} />
      <span className="flex items-end">
        <button type="submit" className="alt" disabled={add.isPending}>
          Add
        </button>
      </span>
      {add.error !== null && (
        <p className="sorry md:col-span-2" role="alert">
          {sorry ?? sentenceOf(add.error)}
        </p>
      )}
    </form>
  );
}
