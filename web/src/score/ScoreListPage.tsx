import type { ScorecardRow, ScorecardsAsked, SheetRow } from '@bent-pail/contract';
import { useInfiniteQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Link, useSearchParams } from 'react-router';
import { Await } from '../shared/Await';
import { EmptyPail } from '../shared/EmptyPail';
import { fixed } from '../shared/format';
import { LotPail } from '../shared/pail/LotPail';
import { AskedBy, ListBar } from '../shared/lists/ListBar';
import { More, rowsOf, totalOf } from '../shared/lists/More';
import { useAsked } from '../shared/lists/useAsked';
import { scorecardPagesQuery, sheetPagesQuery, type Asked } from '../shared/queries';
import { TitleBlock } from '../shared/TitleBlock';
import { useMe, useWorks } from '../shared/useSession';
import { NewCard } from './NewCard';

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
        {works && !starting ? (
          <button
            type="button"
            className="act"
            onClick={() => {
              setParams({ start: '' });
            }}
          >
            Judge a product
          </button>
        ) : undefined}
      </TitleBlock>
      {starting && works && <NewCard lotId={params.get('lot') ?? undefined} />}
      {role !== 'reader' && <OwnSheets />}
      {role !== 'panellist' && <Cards />}
    </main>
  );
}

function OwnSheets(): ReactElement {
  const query = useInfiniteQuery(sheetPagesQuery({}));
  const { role } = useMe();
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
  const state = sheet.handedIn
    ? `handed in; ${String(sheet.ratersIn)} of ${String(sheet.raters)} raters are in`
    : `${String(sheet.marked)} of ${String(sheet.criteria)} scored`;
  return (
    <li className="border-b border-zinc2">
      <Link className="flex min-h-12 items-center gap-4 no-underline" to={`/score/sheets/${sheet.scorecardId}`}>
        <b className="f text-lead">{sheet.sampleCode}</b>
        <span className="flex-1">{sheet.rubricLabel}</span>
        <small>{state}</small>
      </Link>
    </li>
  );
}

function Cards(): ReactElement {
  const [asked, ask] = useAsked(['find', 'state']);
  const query = useInfiniteQuery(scorecardPagesQuery(asked as Asked<ScorecardsAsked>));
  const works = useWorks();
  const isAsked = Object.keys(asked).length > 0;
  return (
    <Await query={query}>
      {(data) =>
        totalOf(data) === 0 && !isAsked ? (
          <EmptyPail question="Which bag shall be judged?">
            {works && (
              <Link className="alt" to="/score?start">
                Choose a product and who smells it
              </Link>
            )}
          </EmptyPail>
        ) : (
          <section className="pt-1" aria-label="Scorecards">
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
                  { key: 'open', words: 'blind still' },
                  { key: 'revealed', words: 'open to see' },
                ]}
                onChange={(key) => {
                  ask('state', key);
                }}
              />
            </ListBar>
            <div className="px-5 pt-3">
              <table className="rows">
                <caption className="pb-1 text-left text-head font-bold">Scorecards</caption>
                <thead>
                  <tr>
                    <th scope="col" colSpan={2}>
                      Product
                    </th>
                    <th scope="col" className="!text-left">
                      panel
                    </th>
                    <th scope="col" className="!text-left">
                      not in yet
                    </th>
                    <th scope="col">overall, of 10</th>
                  </tr>
                </thead>
                <tbody>
                  {rowsOf(data).map((card) => (
                    <CardLine key={card.id} card={card} />
                  ))}
                </tbody>
              </table>
              {totalOf(data) === 0 && <p className="q py-4">No card is like that.</p>}
              <More query={query} what="cards" />
            </div>
          </section>
        )
      }
    </Await>
  );
}

function CardLine({ card }: { readonly card: ScorecardRow }): ReactElement {
  const inCount = card.raters.filter((rater) => rater.handedIn).length;
  return (
    <tr>
      <td className="w-12 align-bottom">
        <LotPail pail={card.pail} size={28} />
      </td>
      <td className="!text-left">
        <Link className="inline-flex min-h-11 items-center text-head font-semibold" to={`/score/cards/${card.id}`}>
          {card.productName}, {card.lotCode}
        </Link>
        <small className="block pb-1">
          {card.rubricLabel}, sample {card.sampleCode}
        </small>
      </td>
      <td className="!text-left">
        {card.revealed ? 'all in, open' : `blind: ${String(inCount)} of ${String(card.raters.length)} in`}
      </td>
      <td className="!text-left">{card.missing.length === 0 ? 'nothing' : card.missing.join(', ')}</td>
      <td>
        {card.overall === undefined ? (
          <span className="q">none yet</span>
        ) : (
          <span className="fig worked-out text-lead">{fixed(card.overall, 1)}</span>
        )}
      </td>
    </tr>
  );
}
