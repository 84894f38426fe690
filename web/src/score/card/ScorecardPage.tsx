import type { ScorecardPage as PageData } from '@bent-pail/contract';
import type { CardCriterion } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Link, useParams } from 'react-router';
import { ApiProblem } from '../../shared/api';
import { Await } from '../../shared/Await';
import { EmptyPail } from '../../shared/EmptyPail';
import { CopyButton } from '../../kit/CopyButton';
import { Figure } from '../../shared/Figure';
import { counted, fixed } from '../../kit/format';
import { PutAway, WasPutAway } from '../../shared/putAway/PutAway';
import { scorecardQuery, scorecardsKey } from '../../shared/resources/scores';
import { TitleBlock } from '../../shared/TitleBlock';
import { Trouble } from '../../shared/Trouble';
import { Growing } from './Growing';
import { Missing } from './Missing';
import { Musts } from './Musts';
import { Raters } from './Raters';
import { Seasons } from './Seasons';
import { interestWords } from './interestWords';
import { scoreSentence } from './scoreSentence';
import { Skyline } from './Skyline';
import { later } from '../../kit/later';

// The score stands first; what follows from it follows.
const WhatToDo = later(async () => (await import('./WhatToDo')).WhatToDo);
const AgreeOn = later(async () => (await import('./AgreeOn')).AgreeOn, null);
const Override = later(async () => (await import('./Override')).Override, null);

/** The card of one product: overall with its parts, what capped it, what is missing, who said what. */
export function ScorecardPage(): ReactElement {
  const { id = '' } = useParams();
  const query = useQuery(scorecardQuery(id));
  if (query.error instanceof ApiProblem && query.error.problem.code === 'blind')
    return (
      <EmptyPail question={query.error.message}>
        <Link to={`/score/sheets/${id}`}>Your sheet for it</Link>
      </EmptyPail>
    );
  return <Await query={query}>{(page) => <Card page={page} />}</Await>;
}

function Card({ page }: { readonly page: PageData }): ReactElement {
  const { row, rubric, card, currency } = page;
  const { overall, band } = card.result;
  const away = {
    address: `/scorecards/${row.id}`,
    queryKey: scorecardsKey,
    name: `The card of ${row.product.name}`,
    archived: row.archived === true,
  };
  const inCount = row.raters.filter((rater) => rater.handedIn).length;
  return (
    <main>
      <TitleBlock
        title={`${row.product.name}, ${row.product.lotCode}`}
        line={`Sample ${row.sampleCode}. ${row.revealed ? 'All raters have handed in; their marks are open.' : `Blind: ${String(inCount)} of ${counted(row.raters.length, 'rater has', 'raters have')} handed in.`}`}
        cells={[
          {
            term: 'Sitting',
            value: <Link to={`/score/sittings/${row.sittingId}`}>Who is how far</Link>,
          },
          { term: 'Judged for', value: rubric.use },
          { term: 'Rubric', value: `${rubric.label}, version ${String(rubric.version)}` },
          {
            term: 'Overall',
            value:
              rubric.aggregate === 'arithmetic' ? 'weighted mean, with caps' : 'weighted geometric mean, with caps',
          },
        ]}
      >
        {row.revealed && <PutAway {...away} />}
      </TitleBlock>
      <WasPutAway {...away} />
      <div className="grid *:min-w-0 min-[901px]:grid-cols-[minmax(0,1fr)_380px]">
        <section aria-label="Scores" className="px-5 py-3">
          <h2>
            What it scores{' '}
            <small>height is the score, width the weight: area is what each gives; the line is the overall</small>
          </h2>
          <div className="mt-4">
            <Skyline card={card} currency={currency} among={page.among} />
          </div>
          {card.criteria.some(({ criterion }) => criterion.source.from === 'growth') && (
            <Growing cardId={row.id} growth={card.growth} />
          )}
          <WhatToDo page={page} />
          <Seasons seasons={page.seasons} lotId={row.product.lotId} currency={currency} />
        </section>
        <section
          aria-label="Overall"
          className="border-ink px-5 py-3 max-[900px]:border-t-[3px] min-[901px]:border-l min-[901px]:border-zinc3"
        >
          <h2>Overall</h2>
          <p className="mt-1 flex items-baseline gap-3">
            {overall === undefined ? (
              <span className="text-lead font-semibold">none yet</span>
            ) : (
              <>
                <Figure
                  label="Overall"
                  value={overall}
                  digits={1}
                  origin="worked-out"
                  working={card.overallWorking}
                  className="text-cell"
                />
                <span className="text-ink2">of 10</span>
                {band !== undefined && band[1] > band[0] && (
                  <span className="figure text-ink2">
                    {fixed(band[0], 1)} to {fixed(band[1], 1)}
                  </span>
                )}
              </>
            )}
          </p>
          <p className="mt-2 text-head leading-tight font-semibold">{scoreSentence(card)}</p>
          {card.criteria.map((one) => (
            <Troubled key={one.criterion.name} criterion={one} />
          ))}
          {card.criteria.map((one) => (
            <AgreeOn key={one.criterion.name} cardId={row.id} one={one} />
          ))}
          <Missing page={page} />
          <Musts cardId={row.id} criteria={card.criteria} />
          <Override cardId={row.id} card={card} />
          <Raters criteria={card.criteria} raters={row.raters} />
          <p className="mt-3 text-small">
            <b>Interest:</b> {interestWords(page)}.{' '}
            <Link to={`/score/claims/${row.product.lotId}`}>Its claims sheet</Link>
          </p>
          <p className="mt-3 flex flex-wrap gap-x-5">
            <Link to={`/shelf/lots/${row.product.lotId}`}>The lot’s own card</Link>
            <Link to={`/score/cards/${row.id}/print`}>On one page of paper</Link>
            <span>
              <CopyButton text={`${window.location.origin}/score/cards/${row.id}`} words="Copy its address" />{' '}
              <small>readers of this notebook see it, and change nothing</small>
            </span>
          </p>
        </section>
      </div>
    </main>
  );
}

/** A criterion that rests on a doubtful calibration says so. */
function Troubled({ criterion }: { readonly criterion: CardCriterion }): ReactElement | null {
  if (criterion.trouble === undefined) return null;
  return (
    <div className="mt-3">
      <b className="text-small">{criterion.criterion.label}</b>
      <Trouble trouble={criterion.trouble} />
    </div>
  );
}
