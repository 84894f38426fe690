import type { NewUser, Role, UserRow } from '@bent-pail/contract';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState, type SubmitEvent, type ReactElement } from 'react';
import { api, sentenceAt, sentenceOf } from '../shared/api';
import { once } from '../shared/once';
import { Await } from '../shared/Await';
import { queryClient, usersQuery } from '../shared/queries';

const ROLES: readonly (readonly [Role, string])[] = [
  ['tester', 'tester: shelf, bench, blend, score'],
  ['panellist', 'panellist: own score sheets, blind'],
  ['student', 'student: runs given to the group'],
  ['reader', 'reader: looks'],
  ['lead', 'lead: everything'],
];

/** Who is in this notebook, and a name for one more. */
export function People(): ReactElement {
  const query = useQuery(usersQuery);
  return (
    <section className="flex flex-col gap-4">
      <h2>People</h2>
      <Await query={query}>
        {(users) => (
          <ul className="border-t-[1.5px]">
            {users.map((user) => (
              <li key={user.id} className="flex min-h-9 items-center justify-between border-b border-zinc2">
                <b>{user.name}</b>
                <span className="q">{user.role}</span>
              </li>
            ))}
          </ul>
        )}
      </Await>
      <AddPerson />
    </section>
  );
}

function AddPerson(): ReactElement {
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
  const submit = (event: SubmitEvent): void => {
    event.preventDefault();
    add.mutate({ name, role, password });
  };
  return (
    <form className="grid gap-3 md:grid-cols-2" onSubmit={submit} aria-label="Add a person">
      <label className="field">
        <span>Name</span>
        <input
          value={name}
          autoComplete="off"
          onChange={(event) => {
            setName(event.target.value);
          }}
        />
        {sentenceAt(add.error, 'name') !== undefined && <span className="sorry">{sentenceAt(add.error, 'name')}</span>}
      </label>
      <label className="field">
        <span>Role</span>
        <select
          value={role}
          onChange={(event) => {
            setRole(event.target.value as Role);
          }}
        >
          {ROLES.map(([key, words]) => (
            <option key={key} value={key}>
              {words}
            </option>
          ))}
        </select>
      </label>
      <label className="field">
        <span>A first password</span>
        <input
          type="password"
          value={password}
          autoComplete="new-password"
          onChange={(event) => {
            setPassword(event.target.value);
          }}
        />
        {sentenceAt(add.error, 'password') !== undefined && (
          <span className="sorry">{sentenceAt(add.error, 'password')}</span>
        )}
      </label>
      <span className="flex items-end">
        <button type="submit" className="alt" disabled={add.isPending}>
          Add
        </button>
      </span>
      {add.error !== null &&
        sentenceAt(add.error, 'name') === undefined &&
        sentenceAt(add.error, 'password') === undefined && (
          <p className="sorry md:col-span-2" role="alert">
            {sentenceOf(add.error)}
          </p>
        )}
    </form>
  );
}
