import type { PlaceRow } from '@bent-pail/contract';
import {
  DRESSING_Lm2,
  judgeTops,
  PLACE_KIND_WORDS,
  placeChecks,
  SOILS,
  TOPS,
  yearAt,
  type JudgedTop,
} from '@bent-pail/core';
import { useMemo, type ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { counted } from '../../kit/format';
import { Notice } from '../../kit/Notice';
import { Rows } from '../../kit/Rows';
import { Chart } from '../../shared/chart/Chart';
import { amount, told } from '../../shared/units/mine';
import { climateChart } from './climateChart';

interface PlaceCardProps {
  readonly place: PlaceRow;
  /** Absent for whoever may not. */
  readonly onCorrect?: () => void;
}

const STATE_WORDS: Readonly<Record<JudgedTop['state'], string>> = {
  good: 'belongs here',
  care: 'with care',
  'not-here': 'not here',
};

const WIND_WORDS = { blows: 'windy', still: 'sheltered' } as const;

/** A place: its year, what lies well on top there, and what its pots take in a year. */
export function PlaceCard({ place, onCorrect }: PlaceCardProps): ReactElement {
  const { name, months, windy, on, soil, hardness_mgL, pots, top_m2, topUp_L } = place;
  const year = yearAt(place);
  const chart = useMemo(() => climateChart(months), [months]);
  const below = SOILS.find(({ key }) => key === soil)?.words;
  const about = [
    PLACE_KIND_WORDS[on],
    WIND_WORDS[windy ? 'blows' : 'still'],
    below === undefined ? undefined : `over ${below}`,
    hardness_mgL === undefined ? undefined : `water of ${amount(hardness_mgL, 'mg/L', 0)} hardness`,
  ];
  return (
    <section aria-label={name} className="border-b-[3px] border-ink px-5 py-4">
      <h2 className="flex items-baseline justify-between gap-3">
        <span>
          {name} <small className="font-normal text-ink2">{about.filter(Boolean).join(', ')}</small>
        </span>
        {onCorrect !== undefined && (
          <Button look="small" aria-label={`Correct ${name}`} onClick={onCorrect}>
            Correct
          </Button>
        )}
      </h2>
      <div className="mt-2 grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-3 min-[900px]:grid-cols-[minmax(0,4fr)_minmax(0,5fr)]">
        <div>
          <Chart
            title="Rain (filled) and what is taken (line), mm a day"
            says={`In a year ${amount(year.taken_mm, 'mm', 0)} are taken and ${amount(year.rain_mm, 'mm', 0)} rain.`}
            height={150}
            options={chart}
          />
          <p className="mt-1">
            In a year air and plants take <span className="figure">{amount(year.taken_mm, 'mm', 0)}</span>, of which{' '}
            <b className="figure">{amount(year.watered_mm, 'mm', 0)}</b> have to be watered.
          </p>
          <p className="mt-1">
            {pots === 0 ? (
              <span className="text-ink2">No pot stands here yet.</span>
            ) : (
              <>
                {counted(pots, 'pot stands', 'pots stand')} here
                {topUp_L > 0 && (
                  <>
                    ; the year ahead takes <b className="figure">{amount(topUp_L, 'L', 1)}</b> to top up those that were
                    measured
                  </>
                )}
                . A dressing of a centimetre on all of them is{' '}
                <span className="figure">{amount(top_m2 * DRESSING_Lm2, 'L', 1)}</span>.
              </>
            )}
          </p>
          {placeChecks(place).map(({ code, message }) => (
            <Notice key={code} className="mt-2 p-2">
              {told(message)}
            </Notice>
          ))}
        </div>
        <Tops judged={judgeTops(place)} />
      </div>
    </section>
  );
}

const Tops = ({ judged }: { readonly judged: readonly JudgedTop[] }): ReactElement => (
  <Rows className="self-start">
    <thead>
      <tr>
        <th scope="col">On top</th>
        <th scope="col" className="text-left">
          here
        </th>
        <th scope="col">saves in a year, on 1 m²</th>
      </tr>
    </thead>
    <tbody>
      {judged.map(({ key, state, message, saves_Lm2 }) => (
        <tr key={key}>
          <th scope="row" className="pr-3 align-top">
            {TOPS.find((top) => top.key === key)?.words}
          </th>
          <td className="pr-3 text-left align-top">
            <b className={state === 'good' ? 'font-normal' : ''}>{STATE_WORDS[state]}</b>
            {message !== undefined && <span className="block text-ink2">{told(message)}</span>}
          </td>
          <td className="figure align-top">{saves_Lm2 > 0 ? amount(saves_Lm2, 'L', 0) : '–'}</td>
        </tr>
      ))}
    </tbody>
  </Rows>
);
