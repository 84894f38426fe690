import type { ScorecardPage } from '@bent-pail/contract';
import { bestUses, EVIDENCE_WORDS, inSentence, type CardCriterion } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { day, fixed, counted } from '../../kit/format';
import { Qr } from '../../shared/Qr';
import { lotQuery } from '../../shared/resources/lots';
import { verdictsQuery } from '../../shared/resources/verdicts';
import { inMine, mySign, told } from '../../shared/units/mine';
import { priceSaid } from '../../shared/units/ofProperty';
import { useSession } from '../../shared/useSession';
import { placeAmong, placeWords } from './place';
import { interestWords } from './interestWords';
import { scoreSentence } from './scoreSentence';
import { Skyline } from './Skyline';

/** A card on one page of paper: the verdict, every part with what it rests on, what the bag is good for. */
export function ScorecardPaper({ page }: { readonly page: ScorecardPage }): ReactElement {
  const { notebook } = useSession();
  const [today] = useState(() => new Date().toISOString());
  const { row, rubric, card, currency, among } = page;
  const { overall, band } = card.result;
  const title = `${row.product.name}, ${row.product.lotCode}`;
  const blindly = row.raters.filter(({ knows }) => knows === undefined).length;
  return (
    <>
      <header>
        <div>
          <h1>{title}</h1>
          <p>
            Judged for {rubric.use}, by “{rubric.label}”, version {rubric.version}. {notebook.place}
          </p>
          <p className="mt-2 text-head font-semibold">
            {overall === undefined ? 'No score yet.' : `${fixed(overall, 1)} of 10`}
            {band !== undefined && band[1] > band[0] && ` (${fixed(band[0], 1)} to ${fixed(band[1], 1)})`}.{' '}
            {scoreSentence(card)}
          </p>
        </div>
        <Qr page={`/score/cards/${row.id}`} size={96} />
      </header>
      <div className="my-3">
        <Skyline card={card} currency={currency} among={among} onPaper />
      </div>
      <table>
        <thead>
          <tr>
            <th scope="col">Criterion</th>
            <th scope="col">found</th>
            <th scope="col">of 10</th>
            <th scope="col">weight</th>
            <th scope="col">among all</th>
            <th scope="col">rests on</th>
          </tr>
        </thead>
        <tbody>
          {card.criteria.map((one) => (
            <Part key={one.criterion.name} one={one} page={page} />
          ))}
        </tbody>
      </table>
      <GoodFor page={page} />
      <p>
        {row.revealed
          ? `${counted(row.raters.length, 'rater', 'raters')}, ${String(blindly)} of them blind.`
          : 'The panel is not through; its marks are closed.'}{' '}
        Interest: {interestWords(page)}. Printed {day(today, notebook.zone)}.
      </p>
    </>
  );
}

/** What a criterion rests on, in a word. */
function restsOn({ raters, label, found, criterion, agreed, override }: CardCriterion): string {
  if (override !== undefined) return `${override.by}: ${override.reason}`;
  if (agreed !== undefined) return `agreed by ${agreed.by}: ${agreed.reason}`;
  if (raters.length > 0) return raters.length === 1 ? 'one rater alone' : `${String(raters.length)} raters`;
  if (found === undefined) return '';
  if (label === true) return 'its label';
  if (criterion.source.from === 'nutrients') return EVIDENCE_WORDS.lab;
  return criterion.source.from === 'lot' ? EVIDENCE_WORDS.measured : 'said here';
}

function Part({ one, page }: { readonly one: CardCriterion; readonly page: ScorecardPage }): ReactElement {
  const { criterion, found, score } = one;
  const place = placeAmong(one, page.among.find((among) => among.criterion === criterion.name)?.others ?? []);
  const said =
    found === undefined
      ? 'not in yet'
      : criterion.kind === 'price'
        ? priceSaid(found, page.currency)
        : `${inMine(found, criterion.unit, 2)} ${mySign(criterion.unit)}`;
  return (
    <tr>
      <th scope="row">
        {criterion.label} <small>{criterion.plain}</small>
      </th>
      <td>{said}</td>
      <td>{score === undefined ? '–' : fixed(score, 1)}</td>
      <td>{criterion.weight}</td>
      <td>{place === undefined ? '' : placeWords(place)}</td>
      <td>{restsOn(one)}</td>
    </tr>
  );
}

function GoodFor({ page }: { readonly page: ScorecardPage }): ReactElement | null {
  const { data: lot } = useQuery(lotQuery(page.row.product.lotId));
  const { data: lines } = useQuery(verdictsQuery);
  if (lot === undefined || lines === undefined) return null;
  const uses = bestUses(lot.card, lines, lot.lot.classId, page.told.trial).filter(
    ({ fit }) => fit === 'yes' || fit === 'mended',
  );
  return (
    <p>
      <b>Good for:</b>{' '}
      {uses.length === 0
        ? 'not known yet'
        : uses
            .map(({ place, fit }) => `${inSentence(place.label)}${fit === 'mended' ? ' (once mended)' : ''}`)
            .join(', ')}
      . {uses[0] === undefined ? '' : told(uses[0].reasons[0]?.text ?? '')}
    </p>
  );
}
