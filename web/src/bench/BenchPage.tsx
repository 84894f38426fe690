import type { RunRow } from '@bent-pail/contract';
import { useInfiniteQuery, useQuery, type UseInfiniteQueryResult } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Link, useSearchParams } from 'react-router';
import { Await } from '../shared/Await';
import { EmptyPail } from '../shared/EmptyPail';
import { day } from '../shared/format';
import { AskedBy, AskedDay, ListBar } from '../shared/lists/ListBar';
import { More, rowsOf, totalOf, type Pages } from '../shared/lists/More';
import { useAsked } from '../shared/lists/useAsked';
import { protocolOptions } from '../shared/protocolOptions';
import { protocolsQuery, runPagesQuery, usersQuery } from '../shared/queries';
import { TitleBlock } from '../shared/TitleBlock';
import { useSession, useWorks } from '../shared/useSession';
import { StartRun } from './StartRun';

/** Every run, open ones first, and the way to start another. */
export function BenchPage(): ReactElement {
  const works = useWorks();
  const [params] = useSearchParams();
  const [starting, setStarting] = useState(params.has('lot') || params.has('start'));
  return (
    <main>
      <TitleBlock title="Bench" line="One protocol on one lot is a run. A run keeps the method that it was made by.">
        <Link className="alt" to="/bench/round">
          Round
        </Link>
        <Link className="alt" to="/bench/protocols">
          Protocols
        </Link>
        <Link className="alt" to="/bench/vessels">
          Vessels
        </Link>
        <Link className="alt" to="/bench/instruments">
          Instruments
        </Link>
        <Link className="alt" to="/bench/laboratory">
          Laboratory
        </Link>
        {works && !starting && (
          <button
            type="button"
            className="act"
            onClick={() => {
              setStarting(true);
            }}
          >
            Start a run
          </button>
        )}
      </TitleBlock>
      {starting && works && (
        <StartRun lotId={params.get('lot') ?? undefined} protocolKey={params.get('protocol') ?? undefined} />
      )}
      <Runs />
    </main>
  );
}

/** The list of runs, open ones first, by whatever somebody asks for. */
function Runs(): ReactElement {
  const [asked, ask] = useAsked(['find', 'of', 'person', 'from', 'to']);
  const { of: protocol, ...others } = asked;
  const wanted = { ...others, ...(protocol === undefined ? {} : { protocol }) };
  const open = useInfiniteQuery(runPagesQuery({ ...wanted, state: 'open' }));
  const finished = useInfiniteQuery(runPagesQuery({ ...wanted, state: 'finished' }));
  const protocols = useQuery(protocolsQuery).data ?? [];
  const users = useQuery(usersQuery).data ?? [];
  const isAsked = Object.keys(asked).length > 0;
  const found = totalOf(open.data) + totalOf(finished.data);
  const isEmpty = found === 0 && !isAsked;
  return (
    <>
      {!isEmpty && (
        <ListBar
          find={asked.find ?? ''}
          placeholder="lot, protocol, person, run 12"
          onFind={(text) => {
            ask('find', text);
          }}
        >
          <AskedBy
            label="Method"
            value={protocol ?? ''}
            options={[{ key: '', words: 'any' }, ...protocolOptions(protocols)]}
            onChange={(key) => {
              ask('of', key);
            }}
          />
          {users.length > 1 && (
            <AskedBy
              label="By"
              value={asked.person ?? ''}
              options={[{ key: '', words: 'anybody' }, ...users.map(({ id, name }) => ({ key: id, words: name }))]}
              onChange={(key) => {
                ask('person', key);
              }}
            />
          )}
          <AskedDay
            label="From"
            value={asked.from ?? ''}
            onChange={(day) => {
              ask('from', day);
            }}
          />
          <AskedDay
            label="to"
            value={asked.to ?? ''}
            onChange={(day) => {
              ask('to', day);
            }}
          />
        </ListBar>
      )}
      <Await query={open}>
        {() => (
          <Await query={finished}>
            {() =>
              isEmpty ? (
                <EmptyPail question="Nothing has been weighed yet.">
                  <Link className="alt" to="/">
                    Say what is in the pail
                  </Link>
                </EmptyPail>
              ) : (
                <>
                  <RunTable title="Open on the bench" query={open} />
                  <RunTable title="Finished" query={finished} />
                  {found === 0 && <p className="q p-5">No run is like that.</p>}
                </>
              )
            }
          </Await>
        )}
      </Await>
    </>
  );
}

interface RunTableProps {
  readonly title: string;
  readonly query: UseInfiniteQueryResult<Pages<RunRow>>;
}

function RunTable({ title, query }: RunTableProps): ReactElement | null {
  const { notebook } = useSession();
  const rows = rowsOf(query.data);
  if (rows.length === 0) return null;
  return (
    <section className="px-5 pt-4" aria-label={title}>
      <h2>
        {title} <span className="f text-small font-normal">{totalOf(query.data)}</span>
      </h2>
      <table className="rows mt-1">
        <thead>
          <tr>
            <th scope="col">Run</th>
            <th scope="col" className="!text-left">
              Lot
            </th>
            <th scope="col" className="!text-left">
              Protocol
            </th>
            <th scope="col">Begun</th>
            <th scope="col" className="max-sm:hidden">
              By
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map((run) => (
            <tr key={run.id}>
              <th scope="row" className="f pr-3">
                {run.number}
              </th>
              <td className="!text-left">
                <Link className="inline-flex min-h-11 items-center font-semibold" to={`/bench/runs/${run.id}`}>
                  {run.lotName}, {run.lotCode}
                </Link>
              </td>
              <td className="!text-left">{run.protocolLabel}</td>
              <td className="f whitespace-nowrap">{day(run.startedAt, notebook.zone)}</td>
              <td className="max-sm:hidden">{run.startedBy}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <More query={query} what="runs" />
    </section>
  );
}
