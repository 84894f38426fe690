import type { LotRow, LotsAsked, ShownFigure } from '@bent-pail/contract';
import { LOT_STATES } from '@bent-pail/contract/choices';
import { MEDIA_CLASS_NAMES, mediaClassLabel } from '@bent-pail/core';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { inMine, mySign } from '../shared/units/mine';
import { fixed } from '../kit/format';
import type { Column, Grouping } from '../kit/table/column';
import { askedOf, useTableView } from '../kit/table/useTableView';
import { EmptyPail } from '../shared/EmptyPail';
import { AskedAmong, AskedBy, ListBar } from '../shared/lists/ListBar';
import { totalOf } from '../shared/lists/More';
import { PagedTable, type PagedProps } from '../shared/lists/PagedTable';
import { RowName } from '../shared/lists/RowName';
import { MOST_COMPARED } from '../shared/larder/compared';
import { TakeTicked } from '../shared/lists/TakeTicked';
import { useAsked } from '../shared/lists/useAsked';
import { LotPail } from '../shared/pail/LotPail';
import { lotPagesQuery } from '../shared/resources/lots';
import type { Asked } from '../shared/resources/paged';
import { TitleBlock } from '../shared/TitleBlock';
import { useSession, useWorks } from '../shared/useSession';
import { ButtonLink } from '../kit/Button';
import { Sorry } from '../kit/Sorry';
import { INK } from '../kit/ink';
import { isMeasured } from './pailWords';

const STATE_WORDS: Readonly<Record<(typeof LOT_STATES)[number], string>> = {
  measured: 'measured ones',
  unmeasured: 'not measured yet',
  open: 'on the bench now',
  trouble: 'with trouble on the card',
  archived: 'put away',
};

const GROUPINGS: readonly Grouping<LotRow>[] = [
  {
    key: 'kind',
    words: 'kind',
    of: ({ kind }) => kind,
    said: (kind) => (kind === 'product' ? 'Bought products' : 'Materials'),
  },
  {
    key: 'class',
    words: 'class',
    of: ({ classId }) => classId ?? '',
    said: (id) => mediaClassLabel(id) ?? 'No class yet',
  },
];

/** Materials and products with their lots, each with its pail. */
export function ShelfPage(): ReactElement {
  const works = useWorks();
  const [asked, ask] = useAsked(['find', 'state', 'classId']);
  const [view, setView] = useTableView('kind');
  const query = useInfiniteQuery(lotPagesQuery({ ...asked, ...askedOf(view) } as Asked<LotsAsked>));
  const isAsked = Object.keys(asked).length > 0;
  const isEmpty = query.data !== undefined && totalOf(query.data) === 0 && !isAsked;
  return (
    <main>
      <TitleBlock
        title="Shelf"
        line="Every lot with its own pail: solid ink is measured here, dots are what its class usually is."
      >
        <ButtonLink to="/shelf/suppliers">Suppliers</ButtonLink>
        {works ? (
          <ButtonLink look="act" to="/shelf/new">
            Put a lot on the shelf
          </ButtonLink>
        ) : undefined}
      </TitleBlock>
      {isEmpty ? (
        <EmptyPail question="The shelf is empty.">
          <ButtonLink to="/">Say what is in the pail</ButtonLink>
        </EmptyPail>
      ) : (
        <>
          <ListBar
            find={asked.find ?? ''}
            placeholder="name, code, source, class"
            onFind={(text) => {
              ask('find', text);
            }}
          >
            <AskedBy
              label="Only"
              value={asked.state ?? ''}
              options={[
                { key: '', words: 'all of them' },
                ...LOT_STATES.map((key) => ({ key, words: STATE_WORDS[key] })),
              ]}
              onChange={(key) => {
                ask('state', key);
              }}
            />
            <AskedAmong
              label="Class"
              value={asked.classId ?? ''}
              options={[
                { key: '', words: 'any' },
                ...MEDIA_CLASS_NAMES.map(({ id, label }) => ({ key: id, words: label })),
              ]}
              onChange={(key) => {
                ask('classId', key);
              }}
            />
          </ListBar>
          <Lots query={query} view={view} onView={setView} nothing={nothingSaid(asked.find)} />
        </>
      )}
    </main>
  );
}

const nothingSaid = (find: string | undefined): string =>
  find === undefined ? 'Nothing on the shelf is like that.' : `Nothing on the shelf answers to “${find}”.`;

type LotsProps = Pick<PagedProps<LotRow>, 'query' | 'view' | 'onView' | 'nothing'>;

/** The table; lots that are ticked go into a blend together. */
function Lots(props: LotsProps): ReactElement {
  const works = useWorks();
  const { notebook } = useSession();
  const [ids, setIds] = useState<readonly string[]>([]);
  return (
    <PagedTable
      {...props}
      label="Lots"
      what={['lot', 'lots']}
      columns={columnsOf(notebook.currency)}
      keyOf={({ id }) => id}
      unsorted="newest first"
      groupings={GROUPINGS}
      ticking={
        works
          ? {
              ids,
              onChange: setIds,
              label: ({ name, code }) => `Take ${name}, ${code}`,
              actions: (
                <>
                  <ButtonLink to={`/blend/desk?lot=${ids.join(',')}`}>
                    Blend {ids.length === 1 ? 'it' : `these ${String(ids.length)}`}
                  </ButtonLink>
                  {ids.length > 1 && ids.length <= MOST_COMPARED && (
                    <ButtonLink to={`/blend/compare?with=${ids.map((id) => `lot:${id}`).join(',')}`}>
                      Side by side
                    </ButtonLink>
                  )}
                  <ButtonLink to={`/shelf/labels?lots=${ids.join(',')}`}>Labels</ButtonLink>
                  <ButtonLink to={`/shelf/print?lots=${ids.join(',')}`}>On paper</ButtonLink>
                  <TakeTicked of="lot" ids={ids} />
                </>
              ),
            }
          : undefined
      }
    />
  );
}

function figureShown(shown: ShownFigure | undefined, digits: number): ReactElement {
  if (shown === undefined) return <span className="text-ink2">–</span>;
  return <span className={INK[shown.measured ? 'measured' : 'label']}>{fixed(shown.value, digits)}</span>;
}

/** A part of the pail, measured or the class's as the pail is. */
const partShown = ({ pail }: LotRow, part: 'air' | 'water'): ReactElement =>
  figureShown(pail?.[part] === undefined ? undefined : { value: pail[part], measured: isMeasured(pail, part) }, 2);

const columnsOf = (currency: string): readonly Column<LotRow>[] => [
  { key: 'pail', head: 'Pail', place: 'mark', cell: ({ pail }) => <LotPail pail={pail} size={28} /> },
  { key: 'name', head: 'Lot', place: 'name', sort: 'up', cell: nameShown },
  { key: 'air', head: 'air', sort: 'down', cell: (lot) => partShown(lot, 'air') },
  { key: 'water', head: 'water', sort: 'down', cell: (lot) => partShown(lot, 'water') },
  { key: 'density', head: 'dry g/mL', sort: 'up', cell: ({ density_gcc }) => figureShown(density_gcc, 2) },
  { key: 'ph', head: 'pH 1:5', sort: 'up', cell: ({ pH }) => figureShown(pH, 1) },
  {
    key: 'price',
    head: `${currency}/L`,
    sort: 'up',
    cell: ({ pricePerL }) =>
      pricePerL === undefined ? null : <span className="figure">{inMine(pricePerL, 'per L', 2)}</span>,
  },
  {
    key: 'stock',
    head: `left, ${mySign('L')}`,
    cell: ({ stock_L }) => (stock_L === undefined ? null : <span className="figure">{inMine(stock_L, 'L', 1)}</span>),
  },
  {
    key: 'runs',
    head: 'runs',
    cell: ({ finishedRuns, openRuns }) => (
      <span className="figure">
        {finishedRuns}
        {openRuns > 0 ? ` + ${String(openRuns)} open` : ''}
      </span>
    ),
  },
];

function nameShown({ id, name, code, grade, source, state, following, trouble }: LotRow): ReactElement {
  return (
    <>
      <RowName
        to={`/shelf/lots/${id}`}
        name={`${name}, ${code}`}
        line={[grade, source, state].filter((part) => part !== undefined).join(' · ')}
      />
      {following === true && <small className="block">its card is being worked out again</small>}
      {trouble !== undefined && <Sorry quiet>Its card cannot be worked out: {trouble}</Sorry>}
    </>
  );
}
