import type { EditUser, UserRow } from '@bent-pail/contract';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState, type ReactElement, type SubmitEvent } from 'react';
import { api, sentenceOf } from '../shared/api';
import { Await } from '../shared/Await';
import { Choice } from '../kit/Choice';
import { Field } from '../kit/Field';
import { queryClient, usersQuery } from '../shared/queries';
import { useMe } from '../shared/useSession';
import { AddPerson } from './AddPerson';
import { ROLE_WORDS } from './roles';

/** Who is in this notebook, what the lead changes about them, and a name for one more. */
export function People(): ReactElement {
  const query = useQuery(usersQuery);
  return (
    <section className="flex flex-col gap-4" aria-label="People">
      <h2>People</h2>
      <Await query={query}>
        {(users) => (
          <ul className="border-t-[1.5px]">
            {users.map((user) => (
              <Person key={user.id} user={user} />
            ))}
          </ul>
        )}
      </Await>
      <AddPerson />
    </section>
  );
}

function Person({ user }: { readonly user: UserRow }): ReactElement {
  const [open, setOpen] = useState(false);
  return (
    <li className="border-b border-zinc2">
      <div className="flex min-h-11 items-center gap-4">
        <b className={user.active ? '' : 'q'}>{user.name}</b>
        <span className="q ml-auto">{user.active ? user.role : 'switched off'}</span>
        <button
          type="button"
          className="tie min-h-11"
          aria-expanded={open}
          aria-label={`Change ${user.name}`}
          onClick={() => {
            setOpen(!open);
          }}
        >
          {open ? 'Close' : 'Change'}
        </button>
      </div>
      {open && <ChangePerson user={user} />}
    </li>
  );
}

/** Role, a forgotten password, signing out everywhere, switching off: each says what it does and is done at once. */
function ChangePerson({ user }: { readonly user: UserRow }): ReactElement {
  const me = useMe();
  const [password, setPassword] = useState('');
  const [done, setDone] = useState('');
  const change = useMutation({
    mutationFn: ({ body }: { readonly body: EditUser; readonly done: string }) =>
      api.patch<UserRow[]>(`/users/${user.id}`, body),
    onSuccess: (users, { done: said }) => {
      queryClient.setQueryData(usersQuery.queryKey, users);
      setPassword('');
      setDone(said);
    },
  });
  const end = useMutation({
    mutationFn: () => api.remove<undefined>(`/users/${user.id}/sessions`),
    onSuccess: () => {
      setDone(`${user.name} is signed out everywhere.`);
    },
  });
  const error = change.error ?? end.error;
  return (
    <div className="flex flex-wrap items-end gap-3 pb-4">
      <Choice
        label="Role"
        value={user.role}
        options={ROLE_WORDS}
        onChange={(role) => {
          change.mutate({ body: { role }, done: `${user.name} is a ${role} from now on.` });
        }}
      />
      {user.id !== me.id && (
        <>
          <form
            className="flex items-end gap-3"
            aria-label={`A new first password for ${user.name}`}
            onSubmit={(event: SubmitEvent) => {
              event.preventDefault();
              change.mutate({
                body: { password },
                done: 'The new password works; the old one and its sessions are over.',
              });
            }}
          >
            <Field label="A new first password" type="password" value={password} onChange={setPassword} />
            <button type="submit" className="alt" disabled={password === '' || change.isPending}>
              Set it
            </button>
          </form>
          <button
            type="button"
            className="alt"
            onClick={() => {
              end.mutate();
            }}
          >
            Sign out everywhere
          </button>
          <button
            type="button"
            className="alt"
            onClick={() => {
              const active = !user.active;
              const said = active ? 'may sign in again' : 'is switched off; what they wrote stays';
              change.mutate({ body: { active }, done: `${user.name} ${said}.` });
            }}
          >
            {user.active ? 'Switch off' : 'Switch on again'}
          </button>
        </>
      )}
      {error !== null ? (
        <p className="sorry basis-full" role="alert">
          {sentenceOf(error)}
        </p>
      ) : (
        done !== '' && (
          <p className="basis-full text-small" role="status">
            {done}
          </p>
        )
      )}
    </div>
  );
}
