import type { FilledPotPage, FilledPotRow, FilledPotsAsked } from '@bent-pail/contract';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { useNavigate } from 'react-router';
import { Button, ButtonLink } from '../../kit/Button';
import { day, dueTime } from '../../kit/format';
import type { Column, Grouping } from '../../kit/table/column';
import { askedOf, useTableView } from '../../kit/table/useTableView';
import { EmptyPail } from '../../shared/EmptyPail';
import { AskedAway, ListBar } from '../../shared/lists/ListBar';
import { totalOf } from '../../shared/lists/More';
import { PagedTable } from '../../shared/lists/PagedTable';
import { RowName } from '../../shared/lists/RowName';
import { TakeTicked } from '../../shared/lists/TakeTicked';
import { useAsked } from '../../shared/lists/useAsked';
import { filledPotPagesQuery } from '../../shared/resources/filledPots';
import type { Asked } from '../../shared/resources/paged';
import { serverNow } from '../../shared/serverClock';
import { TitleBlock } from '../../shared/TitleBlock';
import { useSession, useWorks } from '../../shared/useSession';
import { later } from '../../kit/later';

// What fills a pot is worked out with its form.
const FillForm = later(async () => (await import('./FillForm')).FillForm);

const columnsIn = (zone: string): readonly Column<FilledPotRow>[] => [
  {
    key: 'name',
    head: 'Pot',
    place: 'name',
    sort: 'up',
    cell: ({ id, name, plant, place }) => (
      <RowName to={`/pot/diary/${id}`} name={name} line={[plant, place].filter(Boolean).join(', ')} />
    ),
  },
  { key: 'count', head: 'alike', cell: ({ count }) => <span className="figure">{count}</span> },
  { key: 'medium', head: 'in it', align: 'left', sort: 'up', cell: ({ medium }) => medium },
  { key: 'filledOn', head: 'filled', sort: 'down', cell: ({ filledOn }) => day(filledOn, zone) },
  {
    key: 'next',
    head: 'water it',
    sort: 'up',
    cell: ({ next, emptiedAt }) =>
      emptiedAt !== undefined ? 'emptied' : next === undefined ? '' : dueTime(Date.parse(next.at), serverNow(), zone),
  },
  { key: 'entries', head: 'lines', sort: 'down', cell: ({ entries }) => <span className="figure">{entries}</span> },
  { key: 'lastAt', head: 'last', sort: 'down', cell: ({ lastAt }) => (lastAt === undefined ? '' : day(lastAt, zone)) },
];

const GROUPINGS: readonly Grouping<FilledPotRow>[] = [
  {
    key: 'place',
    words: 'place',
    of: ({ place }) => place ?? '',
    said: (place) => (place === '' ? 'No place said' : place),
  },
  { key: 'medium', words: 'what is in it', of: ({ medium }) => medium, said: (medium) => medium },
];

/** Pots and beds that were filled and live on, each with its diary. */
export function FilledPotsPage(): ReactElement {
  const works = useWorks();
  const { notebook } = useSession();
  const navigate = useNavigate();
  const [adding, setAdding] = useState(false);
  const [ticked, setTicked] = useState<readonly string[]>([]);
  const [asked, ask] = useAsked(['find', 'away']);
  const [view, setView] = useTableView();
  const query = useInfiniteQuery(filledPotPagesQuery({ ...asked, ...askedOf(view) } as Asked<FilledPotsAsked>));
  const isEmpty = query.data !== undefined && totalOf(query.data) === 0 && Object.keys(asked).length === 0;
  return (
    <main>
      <TitleBlock title="Filled pots" line="A pot or bed from the day it was filled: watered, weighed, topped up.">
        <ButtonLink to="/pot">Try a pot</ButtonLink>
        <ButtonLink to="/pot/places">Places</ButtonLink>
        {works && !adding && (
          <Button
            look="act"
            onClick={() => {
              setAdding(true);
            }}
          >
            A pot was filled
          </Button>
        )}
      </TitleBlock>
      {adding && (
        <FillForm
          onKept={({ id }: FilledPotPage) => {
            void navigate(`/pot/diary/${id}`);
          }}
          onLeave={() => {
            setAdding(false);
          }}
        />
      )}
      {isEmpty && !adding ? (
        <EmptyPail question="Which pot did you fill?">Weigh it now and then: it tells when to water it next.</EmptyPail>
      ) : (
        <>
          <ListBar
            find={asked.find ?? ''}
            placeholder="name, plant, place"
            onFind={(text) => {
              ask('find', text);
            }}
          >
            <AskedAway
              value={asked.away ?? ''}
              onChange={(away) => {
                ask('away', away);
              }}
            />
          </ListBar>
          <PagedTable
            query={query}
            label="Filled pots"
            what={['pot', 'pots']}
            columns={columnsIn(notebook.zone)}
            keyOf={({ id }) => id}
            view={view}
            onView={setView}
            unsorted="by name"
            groupings={GROUPINGS}
            nothing="No pot is like that."
            ticking={{
              ids: ticked,
              onChange: setTicked,
              label: ({ name }) => `Take ${name}`,
              actions: (
                <>
                  <ButtonLink to={`/pot/labels?pots=${ticked.join(',')}`}>Labels</ButtonLink>
                  <TakeTicked of="pot" ids={ticked} />
                </>
              ),
            }}
          />
        </>
      )}
    </main>
  );
}
