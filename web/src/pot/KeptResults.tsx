import type { PotResultRow } from '@bent-pail/contract';
import { useMutation, useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { Button } from '../kit/Button';
import { day } from '../kit/format';
import { undoable } from '../kit/toasts';
import { api } from '../shared/api';
import { queryClient } from '../shared/resources/client';
import { potResultsQuery } from '../shared/resources/potResults';
import { useSession, useWorks } from '../shared/useSession';

/** Pots that were followed and kept: each leads back to what was asked, and says what came of it then. */
export function KeptResults(): ReactElement | null {
  const works = useWorks();
  const { notebook } = useSession();
  const { data = [] } = useQuery(potResultsQuery);
  const put = useMutation({
    mutationFn: ({ id, archived }: { readonly id: string; readonly archived: boolean }) =>
      api.patch<PotResultRow[]>(`/pot-results/${id}`, { archived }),
    onSuccess: (rows, { id, archived }) => {
      queryClient.setQueryData(potResultsQuery.queryKey, rows);
      if (archived)
        undoable('Put away.', () => {
          put.mutate({ id, archived: false });
        });
    },
  });
  if (data.length === 0) return null;
  return (
    <section aria-label="Kept before" className="px-5 py-4 print:hidden">
      <h2 className="border-b-[1.5px] border-ink pb-1">Kept before</h2>
      <ul>
        {data.map(({ id, name, address, media, said, by, at }) => (
          <li key={id} className="flex items-start justify-between gap-4 border-b border-zinc2 py-2">
            <span className="min-w-0">
              <Link to={address}>
                <b className="font-semibold">{name}</b>
              </Link>{' '}
              <small className="text-ink2">
                {media.join('; ')}; {day(at, notebook.zone)}, {by}
              </small>
              {said.map((sentence) => (
                <span key={sentence} className="block text-small">
                  {sentence}
                </span>
              ))}
            </span>
            {works && (
              <Button
                look="small"
                aria-label={`Put ${name} away`}
                onClick={() => {
                  put.mutate({ id, archived: true });
                }}
              >
                put away
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
