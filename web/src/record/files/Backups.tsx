import type { BackupKind, BackupRow } from '@bent-pail/contract';
import { queryOptions, useMutation, useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { clockTime, day } from '../../kit/format';
import { Rows } from '../../kit/Rows';
import { Sorry } from '../../kit/Sorry';
import { api, sentenceOf } from '../../shared/api';
import { Await } from '../../shared/Await';
import { queryClient } from '../../shared/resources/client';
import { useSession } from '../../shared/useSession';
import { sizeInWords } from './size';

const backupsQuery = queryOptions({ queryKey: ['backups'], queryFn: () => api.get<BackupRow[]>('/backups') });

/** Why a backup was taken, in words. */
const BACKUP_WORDS: Readonly<Record<BackupKind, string>> = {
  daily: 'of the day',
  'by-hand': 'by hand',
  'before-upgrade': 'before an upgrade',
  year: 'of a closed year; it stays',
};

/** Backups that stand beside the notebook, and one more at a press. */
export function Backups(): ReactElement {
  const { notebook } = useSession();
  const query = useQuery(backupsQuery);
  const take = useMutation({
    mutationFn: () => api.post<BackupRow[]>('/backups'),
    onSuccess: (rows) => {
      queryClient.setQueryData(backupsQuery.queryKey, rows);
    },
  });
  return (
    <section aria-label="Backups">
      <h2>Backups</h2>
      <p>
        One is taken each day while the notebook is open, and seven of these are kept. A disk that fails takes them
        along: fetch one now and then, and keep it elsewhere.{' '}
        <code className="figure" translate="no">
          npm run restore -- FILE
        </code>{' '}
        brings it back.
      </p>
      <p className="my-2 flex flex-wrap items-center gap-3">
        <Button
          look="slab"
          disabled={take.isPending}
          onClick={() => {
            take.mutate();
          }}
        >
          {take.isPending ? 'Taking it' : 'Back up now'}
        </Button>
        {take.error !== null && <Sorry>{sentenceOf(take.error)}</Sorry>}
      </p>
      <Await query={query}>
        {(rows) =>
          rows.length === 0 ? (
            <p className="text-ink2">None yet.</p>
          ) : (
            <Rows>
              <tbody>
                {rows.map(({ name, kind, bytes, madeAt }) => (
                  <tr key={name}>
                    <th scope="row" className="whitespace-nowrap">
                      {day(madeAt, notebook.zone)}{' '}
                      <span className="figure">{clockTime(Date.parse(madeAt), notebook.zone)}</span>
                    </th>
                    <td className="text-left">{BACKUP_WORDS[kind]}</td>
                    <td className="figure">{sizeInWords(bytes)}</td>
                    <td>
                      <a
                        className="inline-flex min-h-11 items-center px-1 font-semibold underline underline-offset-3"
                        href={`/api/backups/${name}`}
                        aria-label={`Fetch the backup of ${day(madeAt, notebook.zone)}, ${clockTime(Date.parse(madeAt), notebook.zone)}`}
                        download
                      >
                        fetch
                      </a>
                    </td>
                  </tr>
                ))}
              </tbody>
            </Rows>
          )
        }
      </Await>
    </section>
  );
}
