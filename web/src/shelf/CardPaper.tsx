import type { LotCardPage } from '@bent-pail/contract';
import { mediaClassLabel, property, type LotFigure } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { unitOf } from '../shared/units/ofProperty';
import { amount, figureInMine, width, told } from '../shared/units/mine';
import { day, fixed } from '../kit/format';
import { LotPail } from '../shared/pail/LotPail';
import { Qr } from '../shared/Qr';
import { Trouble } from '../shared/Trouble';
import { useSession } from '../shared/useSession';
import { OF_PAIL } from './pailWords';

const ORIGIN: Readonly<Record<LotFigure['origin'], string>> = {
  measured: '',
  'worked-out': 'worked out, ',
  label: 'from the label, ',
};

/** The card of a lot as it lies on paper: every figure with its spread, method and runs, and what is wrong with any. */
export function CardPaper({ page: { lot, card, kin, currency } }: { readonly page: LotCardPage }): ReactElement {
  const { notebook } = useSession();
  const { pail } = card;
  const label = `${lot.name}, lot ${lot.code}`;
  const facts = [
    lot.classId === undefined ? undefined : mediaClassLabel(lot.classId),
    lot.grade,
    lot.source,
    lot.boughtOn === undefined ? undefined : `came ${day(lot.boughtOn, notebook.zone)}`,
  ].filter((fact) => fact !== undefined);
  return (
    <>
      <header>
        <div className="flex gap-5">
          {pail !== undefined && <LotPail pail={pail} size={120} tier="medium" />}
          <div>
            <h1>{label}</h1>
            <p>{facts.join(', ')}.</p>
            {pail !== undefined && (
              <p>
                In {amount(pail.height_cm, 'cm', 0)}: air {fixed(pail.air, 2)}, water {fixed(pail.water, 2)}, solid{' '}
                {fixed(pail.solid, 2)} {OF_PAIL[pail.kind]}.
              </p>
            )}
            <p>{notebook.place}</p>
          </div>
        </div>
        <Qr page={`/shelf/lots/${lot.id}`} size={96} />
      </header>
      <Figures figures={card.figures} currency={currency} />
      {card.curve !== undefined && <p>{card.curve.note}</p>}
      {card.missing.length > 0 && <p>Not known yet: {told(card.missing.map((one) => one.what).join(', '))}.</p>}
      {kin.length > 0 && (
        <p>
          From lot to lot:{' '}
          {kin
            .map(({ property: key, spread, lots }) => {
              const { label: name, digits } = property(key);
              const { unit, sign } = unitOf(key, currency);
              return `${name} ± ${width(spread.betweenSd, unit, digits)} ${sign} over ${String(lots.length)} lots`.replace(
                '  ',
                ' ',
              );
            })
            .join('; ')}
          .
        </p>
      )}
    </>
  );
}

interface FiguresProps {
  readonly figures: readonly LotFigure[];
  readonly currency: string;
}

function Figures({ figures, currency }: FiguresProps): ReactElement {
  const { notebook } = useSession();
  return (
    <table>
      <thead>
        <tr>
          <th scope="col">Property</th>
          <th scope="col">mean ± SD</th>
          <th scope="col">how it was had</th>
          <th scope="col">newest run</th>
        </tr>
      </thead>
      <tbody>
        {figures.map((one) => {
          const { label, digits } = property(one.property);
          const { unit, sign } = unitOf(one.property, currency);
          const { value, spread } = figureInMine(one.summary.mean, unit, digits, one.summary.sd);
          const newest = one.runs[0];
          return (
            <tr key={`${one.property}${one.methodKey}`}>
              <th scope="row">{label}</th>
              <td className="figure">{one.words ?? `${value}${spread === undefined ? '' : ` ± ${spread}`} ${sign}`}</td>
              <th>
                {ORIGIN[one.origin]}
                {told(one.method)}
                {one.oneGrab === true && ', one grab'}
                {one.runs.length > 0 && `, run ${one.runs.map((run) => run.number).join(', ')}`}
                <Trouble trouble={one.trouble} />
              </th>
              <td className="figure">{newest === undefined ? '' : day(newest.finishedAt, notebook.zone)}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
