import type { ScorecardRow, ScorecardsAsked, SheetRow } from '@bent-pail/contract';
import { ENOUGH_WEIGHT, inSentence } from '@bent-pail/core';
import { useInfiniteQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Link, useSearchParams } from 'react-router';
import { Await } from '../shared/Await';
import { EmptyPail } from '../shared/EmptyPail';
import { counted, fixed, listed } from '../kit/format';
import type { Column, Grouping } from '../kit/table/column';
import { askedOf, useTableView } from '../kit/table/useTableView';
import { LotPail } from '../shared/pail/LotPail';
import { AskedAway, AskedBy, ListBar } from '../shared/lists/ListBar';
import { More, rowsOf, totalOf } from '../shared/lists/More';
import { PagedTable } from '../shared/lists/PagedTable';
import { RowName } from '../shared/lists/RowName';
import { TakeTicked } from '../shared/lists/TakeTicked';
import { useAsked } from '../shared/lists/useAsked';
import type { Asked } from '../shared/resources/paged';
import { scorecardPagesQuery } from '../shared/resources/scores';
import { sheetPagesQuery } from '../shared/resources/sittings';
import { TitleBlock } from '../shared/TitleBlock';
import { useMe, useWorks } from '../shared/useSession';
import { Button, ButtonLink } from '../kit/Button';
import { INK } from '../kit/ink';
import { later } from '../kit/later';

// A sitting is set up with a form.
const NewSitting = later(async () => (await import('./sittings/NewSitting')).NewSitting);

/** Cards of judged products; and for whoever rates, one's own blind sheets. */
export function ScoreListPage(): ReactElement {
  const { role } = useMe();
  const works = useWorks();
  const [params, setParams] = useSearchParams();
  const starting = params.has('lot') || params.has('start');
  return (
    <main>
      <TitleBlock
        title="Score"
        line={
          role === 'panellist'
            ? 'Your own sheets, blind. Nobody sees your marks before all are in.'
            : 'Which bag is worth its price, and why.'
        }
      >
        {role !== 'panellist' && (
          <>
            <ButtonLink to="/score/panel">Panel</ButtonLink>
            <ButtonLink to="/score/ranking">Ranking</ButtonLink>
            <ButtonLink to="/score/rubrics">Rubrics</ButtonLink>
            <ButtonLink to="/score/claims">Claims</ButtonLink>
            <ButtonLink to="/score/buying">A delivery</ButtonLink>
            <ButtonLink to="/score/prices">Price board</ButtonLink>
          </>
        )}
        {works && !starting ? (
          <Button
            look="act"
            onClick={() => {
              setParams({ start: '' });
            }}
          >
            Judge products
          </Button>
        ) : undefined}
      </TitleBlock>
      {starting && works && <NewSitting lotId={params.get('lot') ?? undefined} />}
      {role !== 'reader' && <OwnSheets />}
      {role !== 'panellist' && <Cards />}
    </main>
  );
}

function OwnSheets(): ReactElement {
  const { role } = useMe();
  // Whoever also runs the panel is shown what is left to do; what is done stands on the cards.
  const query = useInfiniteQuery(sheetPagesQuery(role === 'panellist' ? {} : { state: 'out' }));
  return (
    <Await query={query}>
      {(data) => {
        if (totalOf(data) === 0)
          return role === 'panellist' ? <EmptyPail question="No sample waits for you." /> : <></>;
        return (
          <section className="px-5 pt-3" aria-label="Your sheets">
            <h2>Your sheets</h2>
            <ul className="border-t-[1.5px]">
              {rowsOf(data).map((sheet) => (
                <SheetLine key={sheet.scorecardId} sheet={sheet} />
              ))}
            </ul>
            <More query={query} what="sheets" />
          </section>
        );
      }}
    </Await>
  );
}

function SheetLine({ sheet }: { readonly sheet: SheetRow }): ReactElement {
  const state = sheet.excused
    ? 'closed without you'
    : sheet.handedIn
      ? `handed in; ${String(sheet.ratersIn)} of ${counted(sheet.raters, 'rater has', 'raters have')} handed in`
      : `${String(sheet.marked)} of ${String(sheet.criteria)} scored`;
  return (
    <li className="border-b border-zinc2">
      <Link className="flex min-h-12 items-center gap-4 no-underline" to={`/score/sheets/${sheet.scorecardId}`}>
        <b className="figure text-lead">{sheet.sampleCode}</b>
        <span className="flex-1">
          {sheet.sittingLabel}
          {!sheet.sittingLabel.startsWith(sheet.rubricLabel) && <small className="block">{sheet.rubricLabel}</small>}
        </span>
        <small>{state}</small>
      </Link>
    </li>
  );
}

const GROUPINGS: readonly Grouping<ScorecardRow>[] = [
  {
    key: 'state',
    words: 'blind and open',
    of: ({ revealed }) => (revealed ? 'revealed' : 'open'),
    said: (state) => (state === 'revealed' ? 'All in, open to see' : 'Blind still'),
  },
];

const COLUMNS: readonly Column<ScorecardRow>[] = [
  { key: 'pail', head: 'Pail', place: 'mark', cell: ({ product }) => <LotPail pail={product?.pail} size={28} /> },
  {
    key: 'name',
    head: 'Product',
    place: 'name',
    sort: 'up',
    cell: ({ id, product, rubricLabel, sampleCode }) =>
      product === undefined ? (
        <RowName
          to={`/score/sheets/${id}`}
          name={`Sample ${sampleCode}`}
          line={`${rubricLabel}, covered while you judge it`}
        />
      ) : (
        <RowName
          to={`/score/cards/${id}`}
          name={`${product.name}, ${product.lotCode}`}
          line={`${rubricLabel}, sample ${sampleCode}`}
        />
      ),
  },
  {
    key: 'panel',
    head: 'panel',
    align: 'left',
    cell: ({ revealed, raters, sittingId }) => (
      <Link to={`/score/sittings/${sittingId}`}>
        {revealed
          ? 'all in, open'
          : `blind: ${String(raters.filter(({ handedIn }) => handedIn).length)} of ${String(raters.length)} in`}
      </Link>
    ),
  },
  {
    key: 'missing',
    head: 'not in yet',
    align: 'left',
    cell: ({ missing }) => (missing.length === 0 ? <>nothing</> : listed(missing.map(inSentence))),
  },
  {
    key: 'overall',
    head: 'overall, of 10',
    cell: ({ overall, weightIn }) =>
      overall === undefined ? (
        <span className="text-ink2">none yet</span>
      ) : (
        <>
          <span className={`${INK['worked-out']} text-lead ${weightIn < ENOUGH_WEIGHT ? 'opacity-70' : ''}`}>
            {fixed(overall, 1)}
          </span>
          {weightIn < ENOUGH_WEIGHT && <small className="block">on {fixed(100 * weightIn, 0)} % of the weight</small>}
        </>
      ),
  },
];

function Cards(): ReactElement {
  const works = useWorks();
  const [ticked, setTicked] = useState<readonly string[]>([]);
  const [asked, ask] = useAsked(['find', 'state', 'away']);
  const [view, setView] = useTableView();
  const query = useInfiniteQuery(scorecardPagesQuery({ ...asked, ...askedOf(view) } as Asked<ScorecardsAsked>));
  if (query.data !== undefined && totalOf(query.data) === 0 && Object.keys(asked).length === 0)
    return (
      <EmptyPail question="Which bag shall be judged?">
        {works && <ButtonLink to="/score?start">Choose a product and raters</ButtonLink>}
      </EmptyPail>
    );
  return (
    <>
      <ListBar
        find={asked.find ?? ''}
        placeholder="product, code, sample"
        onFind={(text) => {
          ask('find', text);
        }}
      >
        <AskedBy
          label="Only"
          value={asked.state ?? ''}
          options={[
            { key: '', words: 'all of them' },
            { key: 'open', words: 'still blind' },
            { key: 'revealed', words: 'open to see' },
          ]}
          onChange={(key) => {
            ask('state', key);
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
        label="Scorecards"
        what={['scorecard', 'scorecards']}
        columns={COLUMNS}
        keyOf={({ id }) => id}
        view={view}
        onView={setView}
        unsorted="newest first"
        groupings={GROUPINGS}
        nothing="No card is like that."
        ticking={{
          ids: ticked,
          onChange: setTicked,
          label: ({ product, sampleCode }) => `Take ${product?.name ?? `sample ${sampleCode}`}`,
          actions: (
            <>
              <ButtonLink to={`/score/print?cards=${ticked.join(',')}`}>On paper</ButtonLink>
              <TakeTicked of="card" ids={ticked} />
            </>
          ),
        }}
      />
    </>
  );
}
