import { parseNumber, type TypedNumber } from '../runs';
import { UNITS, type Unit } from './unitTable';

const spelling = (text: string): string =>
  text.toLowerCase().replaceAll(/[µμ]/g, 'u').replaceAll('³', '3').replaceAll(/[\s.]/g, '');

/** The unit of this spelling, or undefined. */
export const unitSpelt = (text: string): Unit | undefined => {
  const plain = spelling(text);
  return UNITS.find(({ spelt }) => spelt.includes(plain));
};

/** A number in one unit as a number in another of its kind. */
export function inUnit(value: number, from: Unit, to: Unit): number {
  return (value * from.factor + (from.zero ?? 0) - (to.zero ?? 0)) / to.factor;
}

const WITH_UNIT = /^([\d.,\s\u2009\u202f-]*\d)\s*([^\d\s.,-][^\d]*\d?)$/;

export interface MeasureTyped {
  readonly number: TypedNumber;
  /** The unit that was typed behind it, where one was. */
  readonly unit?: Unit;
}

/**
 * A number with or without a unit behind it, in the unit that is wanted: "3 cu ft" in L, "12 in" in cm, "1,5 kg" in g.
 *
 * Without a unit it is in the one that is wanted. A unit of another kind, or none that is known, is refused in a sentence.
 */
export function readMeasure(text: string, wanted: string): MeasureTyped {
  const [, amount, typed] = WITH_UNIT.exec(text.trim()) ?? [];
  const to = unitSpelt(wanted);
  if (amount === undefined || typed === undefined || to === undefined) return { number: parseNumber(text) };
  const from = unitSpelt(typed);
  if (from === undefined || from.kind !== to.kind) {
    const others = UNITS.filter(({ kind }) => kind === to.kind).map(({ sign }) => sign);
    return {
      number: { kind: 'refused', sentence: `“${typed.trim()}” is no unit for this; use ${others.join(', ')}.` },
    };
  }
  const number = parseNumber(amount);
  const moved = (value: number): number => (from === to ? value : inUnit(value, from, to));
  if (number.kind === 'refused') return { number };
  if (number.kind === 'ask')
    return {
      number: { ...number, asDecimal: moved(number.asDecimal), asThousands: moved(number.asThousands) },
      unit: from,
    };
  return { number: { kind: 'number', value: moved(number.value) }, unit: from };
}
