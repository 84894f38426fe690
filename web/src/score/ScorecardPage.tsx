import type { CardRater, ScorecardPage as PageData } from '@bent-pail/contract';
import { inSentence, type CardCriterion } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Link, useParams } from 'react-router';
import { ApiProblem } from '../shared/api';
import { Await } from '../shared/Await';
import { EmptyPail } from '../shared/EmptyPail';
import { Figure } from '../shared/Figure';
import { counted, fixed } from '../kit/format';
import { scorecardQuery } from '../shared/resources/scores';
import { TitleBlock } from '../shared/TitleBlock';
import { Trouble } from '../shared/Trouble';
import { AgreeOn } from './AgreeOn';
import { scoreSentence } from './scoreSentence';
import { Skyline } from './Skyline';
import { Rows } from '../kit/Rows';

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
      />
      <div className="grid *:min-w-0 min-[901px]:grid-cols-[minmax(0,1fr)_380px]">
        <section aria-label="Scores" className="px-5 py-3">
          <h2>
            What it scores{' '}
            <small>height is the score, width the weight: area is what each gives; the line is the overall</small>
          </h2>
          <div className="mt-4">
            <Skyline card={card} currency={currency} />
          </div>
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
          <Raters criteria={card.criteria} raters={row.raters} />
          <p className="mt-4">
            <Link to={`/shelf/lots/${row.product.lotId}`}>The lot’s own card</Link>
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

function Missing({ page }: { readonly page: PageData }): ReactElement | null {
  const { missing, couldBe } = page.card.result;
  if (missing.length === 0) return null;
  const lines = page.card.criteria.filter((one) => missing.includes(one.criterion.name));
  return (
    <div className="mt-4 border-t-[1.5px] pt-2">
      <h3 className="text-body">Not in yet: {lines.map((one) => inSentence(one.criterion.label)).join(', ')}</h3>
      <p className="text-small">
        The others carry the weight; nothing missing counts as zero.
        {couldBe !== undefined && (
          <>
            {' '}
            With them in, the overall could be <span className="figure">{fixed(couldBe[0], 1)}</span> to{' '}
            <span className="figure">{fixed(couldBe[1], 1)}</span>.
          </>
        )}
      </p>
      {lines.some((one) => one.criterion.source.from === 'lot') && (
        <p className="mt-1 text-small">
          <Link to={`/bench?lot=${page.row.product.lotId}`}>Measure what the bench can give</Link>
        </p>
      )}
    </div>
  );
}

interface RatersProps {
  readonly criteria: readonly CardCriterion[];
  readonly raters: readonly CardRater[];
}

/** Every rater's own marks, tags and words, once all are in. */
function Raters({ criteria, raters: on }: RatersProps): ReactElement | null {
  const panel = criteria.filter((one) => one.raters.length > 0);
  const raters = [...new Map(panel.flatMap((one) => one.raters.map(({ raterId, rater }) => [raterId, rater])))];
  if (raters.length === 0) return null;
  return (
    <Rows className="mt-4">
      <caption className="text-left text-body font-bold">Who said what</caption>
      <thead>
        <tr>
          <th scope="col">Rater</th>
          {panel.map((one) => (
            <th key={one.criterion.name} scope="col">
              {inSentence(one.criterion.label)}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {raters.map(([id, name]) => (
          <tr key={id}>
            <th scope="row">
              {name}
              {on.find((rater) => rater.id === id)?.knows !== undefined && <small className="block">not blind</small>}
            </th>
            {panel.map((one) => {
              const rating = one.raters.find((candidate) => candidate.raterId === id);
              return (
                <td key={one.criterion.name}>
                  <span className="figure">{rating === undefined ? '' : fixed(rating.value, 1)}</span>
                  {rating !== undefined && rating.tags.length > 0 && (
                    <small className="block">{rating.tags.join(', ')}</small>
                  )}
                  {rating?.words !== undefined && <small className="block">“{rating.words}”</small>}
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </Rows>
  );
}
