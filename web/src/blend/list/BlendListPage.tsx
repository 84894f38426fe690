import type { BlendRow, BlendsAsked } from '@bent-pail/contract';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { priceSaid } from '../../shared/units/ofProperty';
import { fixed } from '../../kit/format';
import type { Column, Grouping } from '../../kit/table/column';
import { askedOf, useTableView } from '../../kit/table/useTableView';
import { EmptyPail } from '../../shared/EmptyPail';
import { AskedDays, AskedPerson } from '../../shared/lists/AskedPerson';
import { AskedAway, ListBar } from '../../shared/lists/ListBar';
import { totalOf } from '../../shared/lists/More';
import { PagedTable, type PagedProps } from '../../shared/lists/PagedTable';
import { RowName } from '../../shared/lists/RowName';
import { TakeTicked } from '../../shared/lists/TakeTicked';
import { useAsked } from '../../shared/lists/useAsked';
import { PailMark } from '../../shared/pail/PailMark';
import { shapeOf } from '../../shared/pail/pailGeometry';
import { blendPagesQuery } from '../../shared/resources/blends';
import type { Asked } from '../../shared/resources/paged';
import { TitleBlock } from '../../shared/TitleBlock';
import { potOfRecipe, potSaid } from '../../shared/pot/pots';
import { useSession, useWorks } from '../../shared/useSession';
import { MOST_COMPARED } from '../../shared/larder/compared';
import { recipeText } from './recipeText';
import { ButtonLink } from '../../kit/Button';
import { INK } from '../../kit/ink';

const GROUPINGS: readonly Grouping<BlendRow>[] = [
  { key: 'pot', words: 'pot', of: ({ latest }) => latest.recipe.potName, said: potSaid },
  { key: 'person', words: 'person', of: ({ latest }) => latest.keptBy, said: (name) => name },
];

/** Every kept blend with its pail in its own pot. */
export function BlendListPage(): ReactElement {
  const works = useWorks();
  const [asked, ask] = useAsked(['find', 'person', 'from', 'to', 'away']);
  const [view, setView] = useTableView();
  const query = useInfiniteQuery(blendPagesQuery({ ...asked, ...askedOf(view) } as Asked<BlendsAsked>));
  const isEmpty = query.data !== undefined && totalOf(query.data) === 0 && Object.keys(asked).length === 0;
  return (
    <main>
      <TitleBlock title="Blend" line="What a mix will do, before a barrow of it is mixed. Dashes are predicted.">
        <ButtonLink to="/blend/plants">Plants</ButtonLink>
        <ButtonLink to="/blend/uses">Uses</ButtonLink>
        <ButtonLink to="/blend/bench">What the bench taught</ButtonLink>
        {works ? (
          <ButtonLink look="act" to="/blend/desk">
            Compose a blend
          </ButtonLink>
        ) : undefined}
      </TitleBlock>
      {isEmpty ? (
        <EmptyPail question="What would you mix?">
          {works && <ButtonLink to="/blend/desk">Take two lots from the shelf</ButtonLink>}
        </EmptyPail>
      ) : (
        <>
          <ListBar
            find={asked.find ?? ''}
            placeholder="name, pot, person"
            onFind={(text) => {
              ask('find', text);
            }}
          >
            <AskedPerson
              value={asked.person ?? ''}
              onChange={(person) => {
                ask('person', person);
              }}
            />
            <AskedDays label="Kept from" asked={asked} ask={ask} />
            <AskedAway
              value={asked.away ?? ''}
              onChange={(away) => {
                ask('away', away);
              }}
            />
          </ListBar>
          <Blends query={query} view={view} onView={setView} />
        </>
      )}
    </main>
  );
}

type BlendsProps = Pick<PagedProps<BlendRow>, 'query' | 'view' | 'onView'>;

/** The table; two to six that are ticked stand side by side. */
function Blends(props: BlendsProps): ReactElement {
  const { notebook } = useSession();
  const [ids, setIds] = useState<readonly string[]>([]);
  return (
    <PagedTable
      {...props}
      label="Blends"
      what={['blend', 'blends']}
      columns={columnsOf(notebook.currency)}
      keyOf={({ id }) => id}
      unsorted="newest first"
      groupings={GROUPINGS}
      nothing="No blend is like that."
      ticking={{
        ids,
        onChange: (next) => {
          setIds(next.slice(-MOST_COMPARED));
        },
        label: ({ name }) => `Compare ${name}`,
        actions: (
          <>
            {ids.length < 2 ? (
              <span className="text-ink2">Tick one to {MOST_COMPARED - 1} more to see them side by side.</span>
            ) : (
              <ButtonLink to={`/blend/compare?with=${ids.map((id) => `blend:${id}`).join(',')}`}>
                Put these {ids.length} side by side
              </ButtonLink>
            )}
            <ButtonLink to={`/blend/print?blends=${ids.join(',')}`}>On paper</ButtonLink>
            <TakeTicked of="blend" ids={ids} />
          </>
        ),
      }}
    />
  );
}

const predicted = (value: number | undefined, digits: number): ReactElement =>
  value === undefined ? (
    <span className="text-ink2">not known</span>
  ) : (
    <span className={INK['worked-out']}>{fixed(value, digits)}</span>
  );

const columnsOf = (currency: string): readonly Column<BlendRow>[] => [
  { key: 'pail', head: 'Pail', place: 'mark', cell: potShown },
  {
    key: 'name',
    head: 'Blend',
    place: 'name',
    sort: 'up',
    cell: ({ id, name, latest }) => (
      <RowName to={`/blend/${id}`} name={name} line={`${recipeText(latest)}; version ${String(latest.n)}`} />
    ),
  },
  { key: 'pot', head: 'in', align: 'left', sort: 'up', cell: ({ latest }) => potOfRecipe(latest.recipe).name },
  { key: 'air', head: 'air', sort: 'down', cell: ({ latest }) => predicted(latest.result.air, 2) },
  { key: 'water', head: 'water', sort: 'down', cell: ({ latest }) => predicted(latest.result.water, 2) },
  { key: 'ph', head: 'pH', sort: 'up', cell: ({ latest }) => predicted(latest.result.pH, 1) },
  {
    key: 'shrink',
    head: 'shrinks',
    sort: 'up',
    cell: ({ latest }) => <span className="figure">{fixed(100 * latest.result.shrink, 1)} %</span>,
  },
  {
    key: 'price',
    head: 'made',
    sort: 'up',
    cell: ({ latest: { result } }) =>
      result.pricePerL === undefined ? null : <span className="figure">{priceSaid(result.pricePerL, currency)}</span>,
  },
];

function potShown({ latest: { recipe, result } }: BlendRow): ReactElement {
  const { air, water, totalPorosity } = result;
  return (
    <PailMark
      shape={shapeOf(recipe.pot, 'pot')}
      fill={{ kind: 'parted', solid: 1 - totalPorosity, water, air }}
      state="predicted"
      tier="tiny"
      k={30 / recipe.pot.height_cm}
    />
  );
}
