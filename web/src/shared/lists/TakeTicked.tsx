import type { ReactElement } from 'react';
import { Popover } from '../../kit/Popover';
import { useMe } from '../useSession';
import { TABLE_ENDINGS, TABLE_WORDS, type TableName } from './tableWords';

/** What there is of ticked rows of each kind, and what they are called in a notebook's file. */
const OF = {
  lot: { part: 'lots', tables: ['lots', 'cards', 'readings', 'results', 'prices'] },
  run: { part: 'runs', tables: ['runs', 'readings', 'results'] },
  blend: { part: 'blends', tables: ['recipes', 'predictions'] },
  pot: { part: 'pots', tables: ['diaries'] },
  card: { part: 'cards', tables: ['marks'] },
  trial: { part: 'trials', tables: ['trial-readings', 'trial-events'] },
} as const satisfies Readonly<Record<string, { readonly part: string; readonly tables: readonly TableName[] }>>;

const LINK = 'inline-flex min-h-11 items-center font-semibold underline underline-offset-3';

/** Rows that are ticked as tables; for a lead also as a file that another notebook takes in, with all they rest on. */
export function TakeTicked({
  of,
  ids,
}: {
  readonly of: keyof typeof OF;
  readonly ids: readonly string[];
}): ReactElement {
  const { role } = useMe();
  const { part, tables } = OF[of];
  const asked = ids.join(',');
  return (
    <Popover opener="Take away" look="small" className="max-w-sm p-4 text-small">
      <ul>
        {tables.map((name) => (
          <li key={name} className="flex flex-wrap items-center gap-x-4">
            <span className="flex-1">{TABLE_WORDS[name]}</span>
            {TABLE_ENDINGS.map(([ending, said]) => (
              <a
                key={ending}
                className={LINK}
                href={`/api/exports/${name}.${ending}?${of}=${asked}`}
                aria-label={`${TABLE_WORDS[name]}, ${said}`}
                download
              >
                {said}
              </a>
            ))}
          </li>
        ))}
        {role === 'lead' && (
          <li className="flex flex-wrap items-center gap-x-4 border-t border-zinc3">
            <span className="flex-1">With all that they rest on, for another notebook</span>
            <a className={LINK} href={`/api/notebook-file/notebook.zip?${part}=${asked}`} download>
              ZIP
            </a>
            <a className={LINK} href={`/api/notebook-file/notebook.json?${part}=${asked}`} download>
              JSON
            </a>
          </li>
        )}
      </ul>
    </Popover>
  );
}
