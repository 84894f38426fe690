import type { RunRow, RunsAsked } from '@bent-pail/contract';
import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { useSearchParams } from 'react-router';
import { day } from '../kit/format';
import { later } from '../kit/later';
import type { Column, Grouping } from '../kit/table/column';
import { askedOf, useTableView } from '../kit/table/useTableView';
import { EmptyPail } from '../shared/EmptyPail';
import { AskedAmong, ListBar } from '../shared/lists/ListBar';
import { totalOf } from '../shared/lists/More';
import { PagedTable } from '../shared/lists/PagedTable';
import { RowName } from '../shared/lists/RowName';
import { AskedDays, AskedPerson } from '../shared/lists/AskedPerson';
import { TakeTicked } from '../shared/lists/TakeTicked';
import { useAsked } from '../shared/lists/useAsked';
import { protocolOptions } from '../shared/protocolOptions';
import type { Asked } from '../shared/resources/paged';
import { protocolsQuery } from '../shared/resources/protocols';
import { runPagesQuery } from '../shared/resources/runs';
import { TitleBlock } from '../shared/TitleBlock';
import { useSession, useWorks } from '../shared/useSession';
import { ButtonLink, Button } from '../kit/Button';

/** The list comes without what a sheet is made of. */
const StartRun = later(async () => (await import('./StartRun')).StartRun);

/** Runs that were put away are neither open nor finished. */
const groupingsOf = (isAway: boolean): readonly Grouping<RunRow>[] => [
  {
    key: 'state',
    words: 'open and finished',
    of: ({ finishedAt }) => (finishedAt === undefined ? 'open' : 'finished'),
    said: (state) => (isAway ? 'Put away' : state === 'open' ? 'Open on the bench' : 'Finished'),
  },
  { key: 'protocol', words: 'protocol', of: ({ protocolLabel }) => protocolLabel, said: (label) => label },
  { key: 'lot', words: 'lot', of: ({ lotName, lotCode }) => `${lotName}, ${lotCode}`, said: (lot) => lot },
  { key: 'person', words: 'person', of: ({ startedBy }) => startedBy, said: (name) => name },
];

const STATES = [
  { key: '', words: 'on the bench' },
  { key: 'open', words: 'open' },
  { key: 'finished', words: 'finished' },
  { key: 'archived', words: 'put away' },
] as const;

const columnsOf = (zone: string, isAway: boolean): readonly Column<RunRow>[] => [
  {
    key: 'number',
    head: 'Run',
    align: 'left',
    sort: 'down',
    cell: ({ number }) => <span className="figure">{number}</span>,
  },
  {
    key: 'lot',
    head: 'Lot',
    place: 'name',
    sort: 'up',
    cell: ({ id, lotName, lotCode, groupName }) => (
      <>
        <RowName to={`/bench/runs/${id}`} name={`${lotName}, ${lotCode}`} />
        {groupName !== undefined && <small className="text-ink2"> {groupName}</small>}
      </>
    ),
  },
  { key: 'protocol', head: 'Protocol', align: 'left', sort: 'up', cell: ({ protocolLabel }) => protocolLabel },
  {
    key: 'newest',
    head: 'Begun',
    sort: 'down',
    cell: ({ startedAt }) => <span className="figure">{day(startedAt, zone)}</span>,
  },
  {
    key: 'finished',
    head: 'Finished',
    cell: ({ finishedAt }) => (
      <span className="figure">{isAway ? 'put away' : finishedAt === undefined ? 'open' : day(finishedAt, zone)}</span>
    ),
  },
  { key: 'person', head: 'By', sort: 'up', cell: ({ startedBy }) => startedBy },
];

/** Every run, open ones first, and the way to start another. */
export function BenchPage(): ReactElement {
  const works = useWorks();
  const [params] = useSearchParams();
  const [starting, setStarting] = useState(params.has('lot') || params.has('start'));
  return (
    <main>
      <TitleBlock title="Bench" line="One protocol on one lot is a run. A run keeps the method that it was made by.">
        <ButtonLink to="/bench/round">Round</ButtonLink>
        <ButtonLink to="/bench/protocols">Protocols</ButtonLink>
        <ButtonLink to="/bench/vessels">Vessels</ButtonLink>
        <ButtonLink to="/bench/instruments">Instruments</ButtonLink>
        <ButtonLink to="/bench/laboratory">Laboratory</ButtonLink>
        {works && !starting && (
          <Button
            look="act"
            onClick={() => {
              setStarting(true);
            }}
          >
            Start a run
          </Button>
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
  const { notebook } = useSession();
  const works = useWorks();
  const [ticked, setTicked] = useState<readonly string[]>([]);
  const [asked, ask] = useAsked(['find', 'of', 'state', 'person', 'from', 'to']);
  const isAway = asked.state === 'archived';
  const [view, setView] = useTableView('state');
  const { of: protocol, person, ...others } = asked;
  const wanted = {
    ...others,
    ...askedOf(view),
    ...(protocol === undefined ? {} : { protocol }),
    ...(person === undefined ? {} : { person }),
  };
  const query = useInfiniteQuery(runPagesQuery(wanted as Asked<RunsAsked>));
  const protocols = useQuery(protocolsQuery).data ?? [];
  if (query.data !== undefined && totalOf(query.data) === 0 && Object.keys(asked).length === 0)
    return (
      <EmptyPail question="Nothing has been weighed yet.">
        <ButtonLink to="/">Say what is in the pail</ButtonLink>
      </EmptyPail>
    );
  return (
    <>
      <ListBar
        find={asked.find ?? ''}
        placeholder="lot, protocol, person, run 12"
        onFind={(text) => {
          ask('find', text);
        }}
      >
        <AskedAmong
          label="Method"
          value={protocol ?? ''}
          options={[{ key: '', words: 'any' }, ...protocolOptions(protocols)]}
          onChange={(key) => {
            ask('of', key);
          }}
        />
        <AskedAmong
          label="Which"
          value={asked.state ?? ''}
          options={STATES}
          onChange={(key) => {
            ask('state', key);
          }}
        />
        <AskedPerson
          value={person ?? ''}
          onChange={(key) => {
            ask('person', key);
          }}
        />
        <AskedDays asked={asked} ask={ask} />
      </ListBar>
      <PagedTable
        query={query}
        label="Runs"
        what={['run', 'runs']}
        columns={columnsOf(notebook.zone, isAway)}
        keyOf={({ id }) => id}
        view={view}
        onView={setView}
        unsorted="newest first"
        groupings={groupingsOf(isAway)}
        nothing="No run is like that."
        ticking={
          works
            ? {
                ids: ticked,
                onChange: setTicked,
                label: ({ number }) => `Take run ${String(number)}`,
                actions: (
                  <>
                    <ButtonLink to={`/bench/print?runs=${ticked.join(',')}`}>
                      {ticked.length === 1 ? 'Its sheet' : `These ${String(ticked.length)} sheets`} on paper
                    </ButtonLink>
                    <TakeTicked of="run" ids={ticked} />
                  </>
                ),
              }
            : undefined
        }
      />
    </>
  );
}
