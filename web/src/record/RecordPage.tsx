import type { ChangeRow, HistoryPage, NotebookInfo } from '@bent-pail/contract';
import { CHANGE_KINDS } from '@bent-pail/contract/choices';
import { useInfiniteQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { Button, ButtonLink } from '../kit/Button';
import { clockTime, day } from '../kit/format';
import { Rows } from '../kit/Rows';
import { Sideways } from '../kit/Sideways';
import { api } from '../shared/api';
import { Await } from '../shared/Await';
import { useFind } from '../shared/findStore';
import { AskedLot } from '../shared/lists/AskedLot';
import { AskedPerson } from '../shared/lists/AskedPerson';
import { AskedBy, AskedDay } from '../shared/lists/ListBar';
import { useAsked } from '../shared/lists/useAsked';
import { SavedViews } from '../shared/savedViews/SavedViews';
import { TitleBlock } from '../shared/TitleBlock';
import { useMe, useSession } from '../shared/useSession';
import { fieldSaid } from './editedFields';
import { CHANGE_WORDS, changeSaid, partSaid, placeOfChange, thingSaid } from './changes';

const KIND_OPTIONS = [{ key: '', words: 'any' }, ...CHANGE_KINDS.map((key) => ({ key, words: CHANGE_WORDS[key] }))];

/** Find anything; who changed what, when, and why; the ways out of the notebook and in. */
export function RecordPage(): ReactElement {
  const setFinding = useFind((state) => state.setOpen);
  const isLead = useMe().role === 'lead';
  return (
    <main>
      <TitleBlock title="Record" line="Find it, see who changed it, take it away.">
        <Button
          look="act"
          onClick={() => {
            setFinding(true);
          }}
        >
          Find anything
        </Button>
      </TitleBlock>
      <nav aria-label="Of the record" className="flex flex-wrap gap-3 border-b border-zinc3 px-5 py-3">
        <ButtonLink to="/record/files">Files and backups</ButtonLink>
        {isLead && <ButtonLink to="/record/computer">How the bench computer is</ButtonLink>}
        <ButtonLink to="/record/keys">Keys for scripts</ButtonLink>
        <ButtonLink to="/record/api">What scripts may ask</ButtonLink>
      </nav>
      <History />
    </main>
  );
}

function History(): ReactElement {
  const [asked, ask] = useAsked(['person', 'kind', 'day', 'lot']);
  const query = useInfiniteQuery({
    queryKey: ['history', asked],
    queryFn: ({ pageParam, signal }) => {
      const params = new URLSearchParams(Object.entries(asked).filter(([, value]) => value !== ''));
      if (pageParam !== '') params.set('before', pageParam);
      return api.get<HistoryPage>(`/history?${params.toString()}`, signal);
    },
    initialPageParam: '',
    getNextPageParam: ({ before }) => before,
  });
  return (
    <section aria-label="History" className="px-5 py-3">
      <h2>History</h2>
      <p className="text-small text-ink2">What was kept stands; whatever was changed since is here, and stays.</p>
      <div className="my-2 flex flex-wrap items-center gap-x-5 gap-y-2" role="search">
        <AskedBy
          label="What"
          value={asked.kind ?? ''}
          options={KIND_OPTIONS}
          onChange={(kind) => {
            ask('kind', kind);
          }}
        />
        <AskedPerson
          label="Who"
          value={asked.person ?? ''}
          onChange={(person) => {
            ask('person', person);
          }}
        />
        <AskedLot
          label="Of"
          value={asked.lot ?? ''}
          onChange={(lot) => {
            ask('lot', lot);
          }}
        />
        <AskedDay
          label="On"
          value={asked.day ?? ''}
          onChange={(when) => {
            ask('day', when);
          }}
        />
        <SavedViews />
      </div>
      <Await query={query}>
        {({ pages }) => {
          const rows = pages.flatMap((page) => page.rows);
          return rows.length === 0 ? <p className="py-4">Nothing was changed.</p> : <Changes rows={rows} />;
        }}
      </Await>
      {query.hasNextPage && (
        <Button className="my-3" disabled={query.isFetchingNextPage} onClick={() => void query.fetchNextPage()}>
          Further back
        </Button>
      )}
    </section>
  );
}

function Changes({ rows }: { readonly rows: readonly ChangeRow[] }): ReactElement {
  const { notebook } = useSession();
  return (
    <Sideways label="Changes">
      <Rows className="w-full">
        <thead>
          <tr>
            <th scope="col" className="text-left">
              when
            </th>
            <th scope="col" className="text-left">
              what
            </th>
            <th scope="col" className="text-left">
              of
            </th>
            <th scope="col" className="text-left">
              was
            </th>
            <th scope="col" className="text-left">
              is
            </th>
            <th scope="col" className="text-left">
              why
            </th>
            <th scope="col" className="text-left">
              by
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <Change key={row.id} row={row} notebook={notebook} />
          ))}
        </tbody>
      </Rows>
    </Sideways>
  );
}

interface ChangeProps {
  readonly row: ChangeRow;
  readonly notebook: Pick<NotebookInfo, 'zone' | 'currency'>;
}

function Change({ row, notebook: { zone, currency } }: ChangeProps): ReactElement {
  const { at, kind, part, field, old, new: now, reason, by } = row;
  const title = thingSaid(row);
  const to = placeOfChange(row);
  return (
    <tr>
      <th scope="row" className="pr-3 whitespace-nowrap">
        {day(at, zone)} <span className="figure">{clockTime(Date.parse(at), zone)}</span>
      </th>
      <td className="pr-3 text-left">{CHANGE_WORDS[kind]}</td>
      <td className="pr-3 text-left">
        <Link to={to} className="underline underline-offset-3">
          {title}
        </Link>
        {part !== undefined && <span className="block text-small text-ink2">{partSaid(row)}</span>}
        {field !== undefined && <span className="block text-small text-ink2">{fieldSaid(field)}</span>}
      </td>
      <td className="figure pr-3 text-left">{changeSaid(row, old, currency)}</td>
      <td className="figure pr-3 text-left">{changeSaid(row, now, currency)}</td>
      <td className="pr-3 text-left">{reason ?? ''}</td>
      <td className="text-left text-small text-ink2">{by ?? 'past the server'}</td>
    </tr>
  );
}
