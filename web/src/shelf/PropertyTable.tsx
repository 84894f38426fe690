import { ecInClass, property, type LotFigure } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { unitOf } from '../shared/units/ofProperty';
import { figureInMine, told } from '../shared/units/mine';
import { Figure } from '../shared/Figure';
import { age, fixed } from '../kit/format';
import { useServerNow } from '../shared/serverClock';
import { TermLabel } from '../shared/words/TermLabel';
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
    <table
      data-figures
      className="w-full border-collapse text-left text-small [&_td]:border-b [&_td]:border-zinc2 [&_td]:pt-0.5 [&_td]:pb-[3px] [&_td]:align-baseline [&_tbody_th]:border-b [&_tbody_th]:border-zinc2"
    >
      <thead className="border-b-[1.5px] border-ink text-note text-ink2 [&_th]:font-normal">
        <tr>
          <th scope="col">Property</th>
          <th scope="col" className="w-[92px] text-right">
            mean
          </th>
          <th scope="col" className="w-[104px] pl-2.5">
            ± SD
          </th>
          <th scope="col" className="w-[62px]">
            unit
          </th>
          <th scope="col" className="@max-[640px]:hidden">
            from
          </th>
          <th scope="col" className="w-[46px] text-right @max-[420px]:hidden">
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
      <th scope="row" className="py-[3px] align-baseline text-body leading-[1.1] font-semibold">
        <TermLabel of={one.property} words={label} />
        <small className="block leading-tight font-normal">{plain}</small>
      </th>
      {one.words === undefined ? <Mean one={one} currency={currency} /> : <Judged one={one} />}
      <td className="@max-[640px]:hidden">
        <span className="text-ink2">{told(one.method)}</span>
        {one.runs.length > 0 && <Runs runs={one.runs} />}
        <EcClass one={one} />
        {one.oneGrab === true && <span className="text-ink2">; one grab, not a sample of the whole</span>}
        <Trouble trouble={one.trouble} />
      </td>
      <td className="figure text-right @max-[420px]:hidden">
        {newest === undefined ? '' : age(newest.finishedAt, now)}
      </td>
    </tr>
  );
}

interface MeanProps {
  readonly one: LotFigure;
  readonly currency: string;
}

function Mean({ one, currency }: MeanProps): ReactElement {
  const { label, digits } = property(one.property);
  const { unit, sign } = unitOf(one.property, currency);
  const { mean, sd } = one.summary;
  const spread = figureInMine(mean, unit, digits, sd).spread;
  return (
    <>
      <td className="text-right">
        <Figure
          label={label}
          value={mean}
          digits={digits}
          sd={sd}
          unit={unit}
          sign={sign}
          origin={one.origin}
          working={one.working}
          className="text-lead"
          bare
        />
      </td>
      <td className="figure pl-2.5 whitespace-nowrap">
        {spread === undefined ? (
          <span className="text-ink2 font-sans">{sd === 0 ? 'all equal' : 'single value'}</span>
        ) : (
          `± ${spread}`
        )}
      </td>
      <td className="figure text-ink2">{sign}</td>
    </>
  );
}

/** What was judged by classes, in words over the columns of a number. */
function Judged({ one }: { readonly one: LotFigure }): ReactElement {
  return (
    <td className="pr-3 pl-6" colSpan={3}>
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

/** What an EC by its own extraction is called. */
function EcClass({ one }: { readonly one: LotFigure }): ReactElement | null {
  const found = ecInClass(one.property, one.summary.mean);
  if (found === undefined) return null;
  const { from, below } = found;
  const range = below === undefined ? `${fixed(from, 2)} and over` : `${fixed(from, 2)} to ${fixed(below, 2)}`;
  return (
    <span className="text-ink2">
      ; <b>{found.class}</b> for this extraction ({range})
    </span>
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
