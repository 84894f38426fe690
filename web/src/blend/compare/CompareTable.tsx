import { TermLabel } from '../../shared/words/TermLabel';
import { Sideways } from '../../kit/Sideways';
import {
  differences,
  property,
  type BandProperty,
  type ComparedFigure,
  type DeskFigure,
  type PropertyKey,
} from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { ofProperty, unitOf } from '../../shared/units/ofProperty';
import { Figure } from '../../shared/Figure';
import { PailMark } from '../../shared/pail/PailMark';
import { shapeOf } from '../../shared/pail/pailGeometry';
import type { Pot } from '../../shared/pot/pots';
import { useSession } from '../../shared/useSession';
import type { ComparedAnswer } from '../../shared/thinking/thinks';
import type { Compared } from '../../shared/larder/compared';
import { Rows } from '../../kit/Rows';
import { Button } from '../../kit/Button';

const ROWS = [
  'air',
  'water',
  'easilyAvailable',
  'totalPorosity',
  'bulkDensity_gcc',
  'pH',
  'ec_dSm',
  'pricePerL',
] as const satisfies readonly (PropertyKey & BandProperty)[];

interface CompareTableProps {
  readonly all: readonly Compared[];
  /** In the order of those compared; absent while they are worked out. */
  readonly answers: readonly ComparedAnswer[] | undefined;
  readonly pot: Pot;
  readonly onRemove: (key: string) => void;
}

const letter = (place: number): string => String.fromCharCode(65 + place);

/** Pails in a row, and below them each figure with its band and the letters of those that it differs from. */
export function CompareTable({ all, answers, pot, onRemove }: CompareTableProps): ReactElement {
  const shape = shapeOf(pot.shape, 'pot');
  return (
    <Sideways label="Side by side" className="px-5 py-4">
      <Rows className="[&_tbody_td]:pl-4.5 [&_tbody_td]:align-top [&_tbody_th]:align-top [&_thead_th]:pl-4.5 [&_thead_th]:align-bottom">
        <thead>
          <tr>
            <td />
            {all.map(({ key, name, small, to }, i) => {
              const result = answers?.[i]?.predicted.result;
              return (
                <th key={key} scope="col" className="text-left">
                  {result !== undefined && (
                    <PailMark
                      shape={shape}
                      fill={{ kind: 'parted', solid: 1 - result.totalPorosity, water: result.water, air: result.air }}
                      state="predicted"
                      tier="medium"
                      k={110 / Math.max(shape.height_cm, shape.topDiameter_cm)}
                    />
                  )}
                  <span className="mt-2 block text-head leading-tight font-semibold text-ink">
                    <span className="figure">{letter(i)}</span> <Link to={to}>{name}</Link>
                  </span>
                  <small>{small}</small>{' '}
                  <Button
                    look="small"
                    aria-label={`take away ${name}`}
                    onClick={() => {
                      onRemove(key);
                    }}
                  >
                    take away
                  </Button>
                </th>
              );
            })}
          </tr>
        </thead>
        <tbody>
          {ROWS.map((key) => (
            <CompareRow
              key={key}
              name={key}
              figures={all.map((_, i) => answers?.[i]?.predicted.figures.find((figure) => figure.property === key))}
              bands={all.map((_, i) => answers?.[i]?.bands[key])}
              waits={answers === undefined}
            />
          ))}
        </tbody>
      </Rows>
    </Sideways>
  );
}

interface CompareRowProps {
  readonly name: (typeof ROWS)[number];
  readonly figures: readonly (DeskFigure | undefined)[];
  readonly bands: readonly (ComparedFigure['band'] | undefined)[];
  readonly waits: boolean;
}

function CompareRow({ name, figures, bands, waits }: CompareRowProps): ReactElement {
  const { notebook } = useSession();
  const { label, digits } = property(name);
  const { unit, sign } = unitOf(name, notebook.currency);
  const places = Math.min(2, digits);
  const row = figures.map((figure, i): ComparedFigure | undefined => {
    const band = bands[i];
    return figure === undefined ? undefined : { value: figure.value, ...(band === undefined ? {} : { band }) };
  });
  const other = differences(row);
  return (
    <tr>
      <th scope="row" className="text-left text-body font-semibold">
        <TermLabel of={name} words={label} /> <small className="figure">{sign}</small>
      </th>
      {figures.map((figure, i) => {
        const band = row[i]?.band;
        const letters = (other[i] ?? []).map(letter);
        return (
          <td key={i} className="text-left">
            {figure === undefined ? (
              <span className="text-ink2">{waits ? '…' : 'not known'}</span>
            ) : (
              <>
                <Figure
                  label={label}
                  value={figure.value}
                  digits={places}
                  unit={unit}
                  sign={sign}
                  origin="worked-out"
                  working={figure.working}
                  className="text-lead"
                  bare
                />
                <small className="figure block">
                  {band === undefined
                    ? '…'
                    : `${ofProperty(name, band.p5, places)}–${ofProperty(name, band.p95, places)}`}
                </small>
                <small className="block min-h-5">
                  {letters.length > 0 && <b className="bg-slab px-[5px] text-inverse">≠ {letters.join(' ')}</b>}
                </small>
              </>
            )}
          </td>
        );
      })}
    </tr>
  );
}
