import type { AccessTokenRow, MadeAccessToken, TokenScope } from '@bent-pail/contract';
import { queryOptions, useMutation, useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { AskTwice } from '../../kit/AskTwice';
import { Button, ButtonLink } from '../../kit/Button';
import { CopyButton } from '../../kit/CopyButton';
import { day } from '../../kit/format';
import { Notice } from '../../kit/Notice';
import { Rows } from '../../kit/Rows';
import { Sorry } from '../../kit/Sorry';
import { api, sentenceOf } from '../../shared/api';
import { Await } from '../../shared/Await';
import { BodyForm } from '../../shared/forms/BodyForm';
import { ChoiceField, TextField } from '../../shared/forms/fields';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { once } from '../../shared/once';
import { queryClient } from '../../shared/resources/client';
import { TitleBlock } from '../../shared/TitleBlock';
import { useMe, useSession } from '../../shared/useSession';
import { Examples } from './Examples';

const keysQuery = queryOptions({
  queryKey: ['access-tokens'],
  queryFn: () => api.get<AccessTokenRow[]>('/access-tokens'),
});
const SCOPE_OPTIONS: readonly { readonly key: TokenScope; readonly words: string }[] = [
  { key: 'read', words: 'read' },
  { key: 'write', words: 'read and write' },
];
const EMPTY: { readonly name: string; readonly may: TokenScope } = { name: '', may: 'read' };

/** Keys by which scripts ask in one's name: made, shown once, ended. */
export function KeysPage(): ReactElement {
  const query = useQuery(keysQuery);
  const [made, setMade] = useState<string>();
  return (
    <main>
      <TitleBlock title="Keys for scripts" line="A key asks in your name, and never for more than you may.">
        <ButtonLink to="/record/api">What scripts may ask</ButtonLink>
      </TitleBlock>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 px-5 py-4 min-[1000px]:grid-cols-2">
        <div>
          <MakeKey onMade={setMade} />
          {made !== undefined && (
            <Notice className="mb-4 p-3" role="status">
              <p className="font-semibold">
                This is shown only now. Put it where your script finds it, and nowhere else.
              </p>
              <p className="my-2">
                <code className="figure wrap-anywhere">{made}</code>
              </p>
              <CopyButton text={made} words="Copy it" />
            </Notice>
          )}
          <Await query={query}>
            {(rows) => (rows.length === 0 ? <p className="text-ink2">No key was made yet.</p> : <Keys rows={rows} />)}
          </Await>
        </div>
        <Examples />
      </div>
    </main>
  );
}

function MakeKey({ onMade }: { readonly onMade: (token: string) => void }): ReactElement {
  const form = useBodyForm({
    body: 'NewAccessToken',
    start: EMPTY,
    read: (typed) => typed,
    send: (said) =>
      once(['access-token', said], (id) => api.post<MadeAccessToken>('/access-tokens', { id: id(), ...said })),
    onKept: ({ token, rows }) => {
      form.fields.reset(EMPTY);
      queryClient.setQueryData(keysQuery.queryKey, [...rows]);
      onMade(token);
    },
  });
  return (
    <BodyForm form={form} label="Make a key" className="mb-4 flex flex-wrap items-end gap-3">
      <TextField name="name" label="What it is for" placeholder="the shed’s scale" />
      <ChoiceField name="may" label="It may" options={SCOPE_OPTIONS} className="w-44" />
      <Button type="submit" look="slab" disabled={form.isBusy}>
        Make a key
      </Button>
    </BodyForm>
  );
}

function Keys({ rows }: { readonly rows: readonly AccessTokenRow[] }): ReactElement {
  const { notebook } = useSession();
  const me = useMe();
  const end = useMutation({
    mutationFn: (id: string) => api.remove<AccessTokenRow[]>(`/access-tokens/${id}`),
    onSuccess: (left) => {
      queryClient.setQueryData(keysQuery.queryKey, left);
    },
  });
  return (
    <>
      <Rows>
        <thead>
          <tr>
            <th scope="col">key</th>
            <th scope="col">may</th>
            <th scope="col">made</th>
            <th scope="col">last used</th>
            <td />
          </tr>
        </thead>
        <tbody>
          {rows.map(({ id, name, may, by, madeAt, usedAt, revokedAt }) => (
            <tr key={id} className={revokedAt === undefined ? '' : 'text-ink2'}>
              <th scope="row">
                {name} {by !== me.name && <small className="text-ink2">by {by}</small>}
              </th>
              <td className="text-left">{may === 'read' ? 'read' : 'read and write'}</td>
              <td className="text-left whitespace-nowrap">{day(madeAt, notebook.zone)}</td>
              <td className="text-left whitespace-nowrap">
                {usedAt === undefined ? 'never' : day(usedAt, notebook.zone)}
              </td>
              <td>
                {revokedAt === undefined ? (
                  <AskTwice
                    opener="end it"
                    title={`End the key ${name}?`}
                    line="Whatever script has it is turned away at once, and for good."
                    no="Keep it"
                    yes="End it"
                    onYes={() => {
                      end.mutate(id);
                    }}
                  />
                ) : (
                  'ended'
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </Rows>
      {end.error !== null && <Sorry>{sentenceOf(end.error)}</Sorry>}
    </>
  );
}
