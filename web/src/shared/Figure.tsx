import type { Origin, Working } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { figure } from '../kit/format';
import { IN_WORDS, INK } from '../kit/ink';
import { figureInMine, mySign } from './units/mine';
import { useWorking } from './workingStore';

interface FigureProps {
  readonly label: string;
  readonly value: number;
  readonly digits: number;
  readonly sd?: number | undefined;
  /** What it is kept in; it is shown in the unit of whoever reads it. */
  readonly unit?: string;
  /** What stands behind it instead of its unit's sign: a price has money in it. */
  readonly sign?: string;
  readonly origin: Origin;
  readonly working?: Working | undefined;
  readonly className?: string;
  /** The value is one less this number, whose working is opened: solid is what is no pore. */
  readonly lessThan1By?: { readonly label: string; readonly value: number };
  /** What is judged by classes: shown instead of the number. */
  readonly words?: string | undefined;
  /** A part of a whole that is shown in percent; its working says the part. */
  readonly percent?: true;
  /** Unit and spread are set by the table around it. */
  readonly bare?: boolean;
}

/** A number with its unit and spread. With a working it is a button that opens it; W opens the one in focus. */
export function Figure({
  label,
  value,
  digits,
  sd,
  unit = '',
  sign: said,
  origin,
  working,
  className = '',
  lessThan1By,
  words,
  percent,
  bare = false,
}: FigureProps): ReactElement {
  const open = useWorking((state) => state.open);
  const sign = said ?? (percent === true ? '%' : mySign(unit));
  const inPercent = percent === true ? figure(100 * value, digits, sd === undefined ? undefined : 100 * sd) : undefined;
  const number = inPercent ?? figureInMine(value, unit, digits, sd);
  const shown = words === undefined ? number : { value: words, spread: undefined };
  const classes = `${INK[origin]} ${className} ${words === undefined ? '' : IN_WORDS}`;
  const pressed =
    working === undefined ? (
      <span className={classes}>{shown.value}</span>
    ) : (
      <button
        type="button"
        className={classes}
        data-working={working.text}
        data-value={lessThan1By?.value ?? value}
        aria-label={`${label}: ${shown.value}${sign === '' ? '' : ` ${sign}`}. Show working.`}
        onClick={() => {
          const whose = lessThan1By ?? { label, value };
          open({
            label: whose.label,
            shown: words ?? figureInMine(whose.value, unit, percent === true ? digits + 2 : digits, sd).value,
            unit: percent === true ? '' : sign,
            working,
          });
        }}
      >
        {shown.value}
      </button>
    );
  if (bare) return pressed;
  return (
    <span className="inline-flex items-baseline gap-2 whitespace-nowrap">
      {pressed}
      {shown.spread !== undefined && <span className="figure text-ink2 text-[0.7em]">± {shown.spread}</span>}
      {sign !== '' && <span className="figure text-ink2 text-[0.7em]">{sign}</span>}
    </span>
  );
}
