import type { TrialRow, TrialsAsked } from '@bent-pail/contract';
import { TRIAL_STATES } from '@bent-pail/contract/choices';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { ButtonLink } from '../kit/Button';
import { Choice } from '../kit/Choice';
import { day, listed } from '../kit/format';
import type { Column } from '../kit/table/column';
import { askedOf, useTableView } from '../kit/table/useTableView';
import { EmptyPail } from '../shared/EmptyPail';
import { AskedAway, ListBar } from '../shared/lists/ListBar';
import { totalOf } from '../shared/lists/More';
import { PagedTable } from '../shared/lists/PagedTable';
import { RowName } from '../shared/lists/RowName';
import { TakeTicked } from '../shared/lists/TakeTicked';
import { useAsked } from '../shared/lists/useAsked';
import type { Asked } from '../shared/resources/paged';
import { trialPagesQuery } from '../shared/resources/trials';
import { TitleBlock } from '../shared/TitleBlock';
import { told } from '../shared/units/mine';
import { useSession, useWorks } from '../shared/useSession';
import { STATE_WORDS } from './words';

const columnsIn = (zone: string): readonly Column<TrialRow>[] => [
  {
    key: 'name',
    head: 'Trial',
    place: 'name',
    sort: 'up',
    cell: ({ id, name, question }) => <RowName to={`/grow/${id}`} name={name} line={question} />,
  },
  { key: 'state', head: 'is', align: 'left', cell: ({ state }) => STATE_WORDS[state] },
  { key: 'media', head: 'media', align: 'left', cell: ({ media }) => listed(media) },
  { key: 'species', head: 'species', align: 'left', cell: ({ species }) => listed(species) },
  { key: 'sownOn', head: 'sown', sort: 'down', cell: ({ sownOn }) => day(sownOn, zone) },
  {
    key: 'plots',
    head: 'plots',
    cell: ({ plots }) => (plots === 0 ? '' : <span className="figure">{plots}</span>),
  },
  { key: 'readings', head: 'readings', cell: ({ readings }) => <span className="figure">{readings}</span> },
  {
    key: 'answers',
    head: 'what came of it',
    align: 'left',
    place: 'wide',
    cell: ({ answers }) => (answers === undefined ? '' : <span className="text-small">{told(answers[0] ?? '')}</span>),
  },
];

/** Trials: planned, growing, finished, with what came of them. */
export function TrialListPage(): ReactElement {
  const works = useWorks();
  const { notebook } = useSession();
  const [ticked, setTicked] = useState<readonly string[]>([]);
  const [asked, ask] = useAsked(['find', 'state', 'away']);
  const [view, setView] = useTableView();
  const query = useInfiniteQuery(trialPagesQuery({ ...asked, ...askedOf(view) } as Asked<TrialsAsked>));
  const isEmpty = query.data !== undefined && totalOf(query.data) === 0 && Object.keys(asked).length === 0;
  return (
    <main>
      <TitleBlock
        title="Grow"
        line="Trials that can tell a medium from a tray: planned, drawn by lot, read, and answered honestly."
      >
        {works && (
          <ButtonLink look="act" to="/grow/new">
            Plan a trial
          </ButtonLink>
        )}
      </TitleBlock>
      {isEmpty ? (
        <EmptyPail question="Which medium grows it better?">
          Name the media, and the plan says before sowing how many pots it takes to tell.
        </EmptyPail>
      ) : (
        <>
          <ListBar
            find={asked.find ?? ''}
            placeholder="name, question, medium"
            onFind={(text) => {
              ask('find', text);
            }}
          >
            <Choice
              label="State"
              look="beside"
              value={asked.state ?? ''}
              options={[{ key: '', words: 'all' }, ...TRIAL_STATES.map((key) => ({ key, words: STATE_WORDS[key] }))]}
              onChange={(state) => {
                ask('state', state);
              }}
            />
            <AskedAway
              value={asked.away ?? ''}
              onChange={(away) => {
                ask('away', away);
              }}
            />
          </ListBar>
          <PagedTable
            query={query}
            label="Trials"
            what={['trial', 'trials']}
            columns={columnsIn(notebook.zone)}
            keyOf={({ id }) => id}
            view={view}
            onView={setView}
            unsorted="newest first"
            nothing="No trial is like that."
            ticking={{
              ids: ticked,
              onChange: setTicked,
              label: ({ name }) => `Take ${name}`,
              actions: <TakeTicked of="trial" ids={ticked} />,
            }}
          />
        </>
      )}
    </main>
  );
}
