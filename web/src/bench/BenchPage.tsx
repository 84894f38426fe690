import type { RunRow } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Link, useSearchParams } from 'react-router';
import { Await } from '../shared/Await';
import { EmptyPail } from '../shared/EmptyPail';
import { day } from '../shared/format';
import { runsQuery } from '../shared/queries';
import { TitleBlock } from '../shared/TitleBlock';
import { useSession, useWorks } from '../shared/useSession';
import { StartRun } from './StartRun';

/** Every run, open ones first, and the way to start another. */
export function BenchPage(): ReactElement {
  const works = useWorks();
  const [params] = useSearchParams();
  const query = useQuery(runsQuery);
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
      <Await query={query}>
        {(runs) =>
          runs.length === 0 ? (
            <EmptyPail question="Nothing has been weighed yet.">
              <Link className="alt" to="/">
                Say what is in the pail
              </Link>
            </EmptyPail>
          ) : (
            <Runs runs={runs} />
          )
        }
      </Await>
    </main>
  );
}

function Runs({ runs }: { readonly runs: readonly RunRow[] }): ReactElement {
  const { notebook } = useSession();
  const open = runs.filter((run) => run.finishedAt === undefined);
  const finished = runs.filter((run) => run.finishedAt !== undefined);
  const table = (title: string, rows: readonly RunRow[]): ReactElement | null =>
    rows.length === 0 ? null : (
      <section className="px-5 pt-4" aria-label={title}>
        <h2>{title}</h2>
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
              <th scope="col">By</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((run) => (
              <tr key={run.id}>
                <th scope="row" className="f">
                  {run.number}
                </th>
                <td className="!text-left">
                  <Link className="inline-flex min-h-11 items-center font-semibold" to={`/bench/runs/${run.id}`}>
                    {run.lotName}, {run.lotCode}
                  </Link>
                </td>
                <td className="!text-left">{run.protocolLabel}</td>
                <td className="f">{day(run.startedAt, notebook.zone)}</td>
                <td>{run.startedBy}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
    );
  return (
    <>
      {table('Open on the bench', open)}
      {table('Finished', finished)}
    </>
  );
}
