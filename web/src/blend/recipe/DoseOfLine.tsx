import { findDosedClass, type PartsLine } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { MeasureField } from '../../shared/units/MeasureField';
import { amount, typedAmount } from '../../shared/units/mine';

/** Grams to a litre that were typed, by the place of their line. */
export const dosesSaid = (doses: Readonly<Record<number, string>>): Readonly<Record<number, number>> =>
  Object.fromEntries(
    Object.entries(doses).flatMap(([i, text]) => {
      const grams = typedAmount(text, 'g');
      return grams === undefined ? [] : [[i, grams]];
    }),
  );

interface DoseProps {
  readonly one: PartsLine;
  readonly value: string;
  readonly onChange: (value: string) => void;
}

/** What is given by weight: its grams where they were written, else the question. */
export function DoseOfLine({ one: { line, dosed, gPerL }, value, onChange }: DoseProps): ReactElement {
  const of = findDosedClass(dosed ?? '');
  if (line.unit === 'gPerL')
    return <span className="text-ink2">{line.name}: by weight, it moves pH, salt, food and price, not volume</span>;
  return (
    <span>
      <MeasureField
        label={`${line.name}, to a litre made`}
        kept="g"
        value={value}
        onChange={onChange}
        className="w-56"
      />
      <small className="text-ink2">
        {gPerL === undefined ? 'Given by weight, not by volume. ' : ''}
        {of !== undefined &&
          `A handful is ${amount(of.handful_g[0], 'g', 0)} to ${amount(of.handful_g[1], 'g', 0)}; at most ${amount(of.most_gPerL.established, 'g', 1)} to a litre for established plants.`}
      </small>
    </span>
  );
}
