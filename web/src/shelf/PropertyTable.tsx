import { property, type LotFigure } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { Figure } from '../shared/Figure';
import { age, figure as shownFigure } from '../kit/format';
import { useServerNow } from '../shared/serverClock';
import { Trouble } from '../shared/Trouble';

interface PropertyTableProps {
  readonly figures: readonly LotFigure[];
  readonly currency: string;
}

const AGE_EVERY_MS = 60000;

/** Every number of a lot: mean, spread, unit, where it comes from, how old it is. */
export function PropertyTable({ figures, currency }: PropertyTableProps): ReactElement {
  const now = useServerNow(AGE_EVERY_MS);
  if (figures.length === 0)
    return <p className="text-ink2 py-4">Nothing is measured yet. What a run would give stands at the left.</p>;
  return (
    <table className="props">
      <thead>
        <tr>
          <th scope="col">Property</th>
          <th scope="col" className="n">
            mean
          </th>
          <th scope="col" className="s">
            ± SD
          </th>
          <th scope="col" className="u">
            unit
          </th>
          <th scope="col" className="from">
            from
          </th>
          <th scope="col" className="a">
            age
          </th>
        </tr>
      </thead>
      <tbody>
        {figures.map((one) => (
          <PropertyRow key={`${one.property}${one.methodKey}`} one={one} now={now} currency={currency} />
        ))}
      </tbody>
    </table>
  );
}

function PropertyRow({
  one,
  now,
  currency,
}: {
  readonly one: LotFigure;
  readonly now: number;
  readonly currency: string;
}): ReactElement {
  const { label, plain } = property(one.property);
  const newest = one.runs[0];
  return (
    <tr>
      <th scope="row">
        {label}
        <small>{plain}</small>
      </th>
      {one.words === undefined ? <Mean one={one} currency={currency} /> : <Judged one={one} />}
      <td className="from">
        <span className="text-ink2">{one.method}</span>
        {one.runs.length > 0 && <Runs runs={one.runs} />}
        {one.oneGrab === true && <span className="text-ink2">; one grab, not a sample of the whole</span>}
        <Trouble trouble={one.trouble} />
      </td>
      <td className="a figure">{newest === undefined ? '' : age(newest.finishedAt, now)}</td>
    </tr>
  );
}

interface MeanProps {
  readonly one: LotFigure;
  readonly currency: string;
}

function Mean({ one, currency }: MeanProps): ReactElement {
  const { label, digits, unit } = property(one.property);
  const { mean, sd } = one.summary;
  const spread = shownFigure(mean, digits, sd).spread;
  const shownUnit = one.property === 'pricePerL' ? `${currency}${unit}` : unit;
  return (
    <>
      <td className="n">
        <Figure
          label={label}
          value={mean}
          digits={digits}
          sd={sd}
          unit={shownUnit}
          origin={one.origin}
          working={one.working}
          bare
        />
      </td>
      <td className="s figure">
        {spread === undefined ? (
          <span className="text-ink2 font-sans">{sd === 0 ? 'all equal' : 'no spread'}</span>
        ) : (
          `± ${spread}`
        )}
      </td>
      <td className="u figure text-ink2">{shownUnit}</td>
    </>
  );
}

/** What was judged by classes, in words over the columns of a number. */
function Judged({ one }: { readonly one: LotFigure }): ReactElement {
  return (
    <td className="judged-figure" colSpan={3}>
      <Figure
        label={property(one.property).label}
        value={one.summary.mean}
        digits={0}
        origin={one.origin}
        working={one.working}
        words={one.words}
        bare
      />
    </td>
  );
}

function Runs({ runs }: { readonly runs: LotFigure['runs'] }): ReactElement {
  return (
    <span>
      ; run{' '}
      {runs.map((run, i) => (
        <span key={run.id}>
          {i > 0 && ', '}
          <Link to={`/bench/runs/${run.id}`}>{run.number}</Link>
        </span>
      ))}
    </span>
  );
}
