import { useMutation, useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Button } from '../kit/Button';
import { clockTime, day } from '../kit/format';
import { Rows } from '../kit/Rows';
import { Sorry } from '../kit/Sorry';
import { api, sentenceOf } from '../shared/api';
import { Await } from '../shared/Await';
import { queryClient } from '../shared/resources/client';
import { sessionsQuery } from '../shared/resources/people';
import { useSession } from '../shared/useSession';

/** Where one is signed in, and a way to end one of these: a phone that was lost, a browser at somebody else's. */
export function OwnSessions(): ReactElement {
  const { notebook } = useSession();
  const query = useQuery(sessionsQuery);
  const end = useMutation({
    mutationFn: (key: string) => api.remove<undefined>(`/me/sessions/${key}`),
    onSettled: () => queryClient.invalidateQueries({ queryKey: sessionsQuery.queryKey }),
  });
  return (
    <section aria-label="Where you are signed in">
      <h3>Where you are signed in</h3>
      <Await query={query}>
        {(sessions) => (
          <Rows>
            <tbody>
              {sessions.map(({ key, device, since, isThis }) => {
                const place = device === '' ? 'a device that did not say what it is' : device;
                const from = `${day(since, notebook.zone)}, ${clockTime(Date.parse(since), notebook.zone)}`;
                return (
                  <tr key={key}>
                    <th scope="row">
                      {place}
                      <span className="block text-small font-normal text-ink2">since {from}</span>
                    </th>
                    <td>
                      {isThis ? (
                        'here'
                      ) : (
                        <Button
                          look="tie"
                          className="min-h-11"
                          aria-label={`Sign out ${place}, since ${from}`}
                          disabled={end.isPending}
                          onClick={() => {
                            end.mutate(key);
                          }}
                        >
                          Sign out
                        </Button>
                      )}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </Rows>
        )}
      </Await>
      {end.error !== null && <Sorry>{sentenceOf(end.error)}</Sorry>}
    </section>
  );
}
