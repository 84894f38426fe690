import { property, shownDigits, shownWidth, type PropertyKey } from '@bent-pail/core';
import { fixed } from '../../kit/format';
import { inMine, mySign, myUnits } from './mine';

export interface UnitOfProperty {
  /** What its values are kept in. */
  readonly unit: string;
  /** What stands behind them. */
  readonly sign: string;
}

const A_LITRE = 'per L';

/** The unit that a property is shown with; a price has the notebook's money in it. */
export function unitOf(key: PropertyKey, currency: string): UnitOfProperty {
  if (key === 'pricePerL') return { unit: A_LITRE, sign: `${currency} ${mySign(A_LITRE)}` };
  const { unit } = property(key);
  return { unit, sign: mySign(unit) };
}

/** A value of a property, for where its head says the unit. */
export const ofProperty = (key: PropertyKey, value: number, digits: number): string =>
  inMine(value, key === 'pricePerL' ? A_LITRE : property(key).unit, digits);

/** A difference between two values of a property, with its sign: no zero is moved. */
export function changeOf(key: PropertyKey, change: number, digits: number): string {
  const kept = key === 'pricePerL' ? A_LITRE : property(key).unit;
  const said = fixed(shownWidth(change, kept, myUnits()), shownDigits(digits, kept, myUnits()));
  return change > 0 ? `+${said}` : said;
}

/** A price of a litre, by the volume that is read here: "£3.11 per cu ft". */
export const priceSaid = (pricePerL: number, currency: string): string =>
  `${priceAlone(pricePerL, currency)} ${mySign(A_LITRE)}`;

/** The same for where its head says by which volume. */
export const priceAlone = (pricePerL: number, currency: string): string =>
  `${currency}${inMine(pricePerL, A_LITRE, 2)}`;

/** By which volume prices are read here. */
export const perVolume = (): string => mySign(A_LITRE);
