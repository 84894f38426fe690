import type { EditUser, UserRow } from '@bent-pail/contract';
import { ROLE_NAMES } from '@bent-pail/contract/choices';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { api, sentenceOf } from '../shared/api';
import { Await } from '../shared/Await';
import { Choice } from '../kit/Choice';
import { Dialog } from '../kit/Dialog';
import type { Column } from '../kit/table/column';
import { DataTable } from '../kit/table/DataTable';
import { useTableView } from '../kit/table/useTableView';
import { queryClient } from '../shared/resources/client';
import { usersQuery } from '../shared/resources/people';
import { useMe } from '../shared/useSession';
import { AddPerson } from './AddPerson';
import { FirstPassword } from './FirstPassword';
import { ROLE_WORDS } from './roles';
import { Button } from '../kit/Button';
import { Sorry } from '../kit/Sorry';

/** Who is in this notebook, what the lead changes about them, and a name for one more. */
export function People(): ReactElement {
  const query = useQuery(usersQuery);
  const [view, setView] = useTableView();
  const [changing, setChanging] = useState<string>();
  const columns: readonly Column<UserRow>[] = [
    {
      key: 'name',
      head: 'Name',
      place: 'name',
      sort: 'up',
      value: ({ name }) => name,
      cell: ({ name, active }) => <b className={active ? '' : 'text-ink2'}>{name}</b>,
    },
    {
      key: 'role',
      head: 'may',
      align: 'left',
      sort: 'up',
      value: ({ role }) => role,
      cell: ({ role, active }) => (active ? ROLE_NAMES[role] : 'switched off'),
    },
    {
      key: 'change',
      head: 'change',
      cell: ({ id, name }) => (
        <Button
          look="tie"
          className="min-h-11"
          aria-label={`Change ${name}`}
          onClick={() => {
            setChanging(id);
          }}
        >
          Change
        </Button>
      ),
    },
  ];
  return (
    <section className="flex flex-col gap-4" aria-label="People">
      <h2>People</h2>
      <Await query={query}>
        {(users) => {
          const user = users.find(({ id }) => id === changing);
          return (
            <>
              <DataTable
                label="Everybody"
                what={['person', 'people']}
                columns={columns}
                rows={users}
                keyOf={({ id }) => id}
                view={view}
                onView={setView}
                unsorted="as they were added"
                nothing="Nobody yet."
              />
              {user !== undefined && (
                <Dialog
                  title={user.name}
                  line="Each is done at once, and says what came of it."
                  open
                  wide
                  onOpenChange={() => {
                    setChanging(undefined);
                  }}
                >
                  <ChangePerson key={user.id} user={user} />
                </Dialog>
              )}
            </>
          );
        }}
      </Await>
      <AddPerson />
    </section>
  );
}

/** Role, a forgotten password, signing out everywhere, switching off: each says what it does and is done at once. */
function ChangePerson({ user }: { readonly user: UserRow }): ReactElement {
  const me = useMe();
  const [done, setDone] = useState('');
  const change = useMutation({
    mutationFn: ({ body }: { readonly body: EditUser; readonly done: string }) =>
      api.patch<UserRow[]>(`/users/${user.id}`, body),
    onSuccess: (users, { done: said }) => {
      queryClient.setQueryData(usersQuery.queryKey, users);
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
          change.mutate({ body: { role }, done: `${user.name} is a ${ROLE_NAMES[role]} from now on.` });
        }}
      />
      {user.id !== me.id && (
        <>
          <FirstPassword user={user} onSaid={setDone} />
          <Button
            onClick={() => {
              end.mutate();
            }}
          >
            Sign out everywhere
          </Button>
          <Button
            onClick={() => {
              const active = !user.active;
              const said = active ? 'may sign in again' : 'is switched off; what they wrote stays';
              change.mutate({ body: { active }, done: `${user.name} ${said}.` });
            }}
          >
            {user.active ? 'Switch off' : 'Switch on again'}
          </Button>
        </>
      )}
      {error !== null ? (
        <Sorry className="basis-full">{sentenceOf(error)}</Sorry>
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
