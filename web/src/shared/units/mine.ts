import {
  fieldText,
  keptFor,
  METRIC,
  readMine,
  sentenceIn,
  shownDigits,
  shownSign,
  shownValue,
  shownWidth,
  type MeasureTyped,
  type UnitChoice,
} from '@bent-pail/core';
import { figure, fixed, type ShownFigure } from '../../kit/format';
import { queryClient, sessionQuery } from '../resources/client';

/**
 * Everything is kept metric, and read and typed in the units of whoever is signed in. What has a unit goes through here
 * on its way to a page; the shell draws the page anew when the units are changed.
 */
export const myUnits = (): UnitChoice => queryClient.getQueryData(sessionQuery.queryKey)?.me?.units ?? METRIC;

/** How the unit is written here: cu ft for what is kept in L. What is no measure, as g/L, stays as it is. */
export const mySign = (kept: string): string => shownSign(kept, myUnits());

export const mine = (value: number, kept: string): number => shownValue(value, kept, myUnits());

/** A number alone, for where its head says the unit. */
export const inMine = (value: number, kept: string, digits: number): string =>
  fixed(mine(value, kept), shownDigits(digits, kept, myUnits()));

/** A number with its unit; a small volume in the small one. */
export function amount(value: number, kept: string, digits: number): string {
  const small = keptFor(value, kept, myUnits());
  const places = small.kept === kept ? digits : 0;
  return `${inMine(small.value, small.kept, places)} ${mySign(small.kept)}`;
}

/** A sentence of the core or of the notebook, which are metric, as it is read here. */
export const told = (sentence: string): string => sentenceIn(sentence, myUnits());

/** A number to the digits that its spread deserves, and the spread. */
export const figureInMine = (value: number, kept: string, digits: number, spread?: number): ShownFigure =>
  figure(
    mine(value, kept),
    shownDigits(digits, kept, myUnits()),
    spread === undefined ? undefined : shownWidth(spread, kept, myUnits()),
  );

/** A width, with no zero moved, for where its head or its sentence says the unit. */
export const width = (value: number, kept: string, digits: number): string =>
  fixed(shownWidth(value, kept, myUnits()), shownDigits(digits, kept, myUnits()));

/** What was typed, in the unit that it is kept in; without a unit behind it, it was typed in the one that is seen. */
export const readTyped = (text: string, kept: string): MeasureTyped => readMine(text, kept, myUnits());

/** A typed amount above 0, in the unit that it is kept in; undefined where there is none. */
export function typedAmount(text: string, kept: string): number | undefined {
  const { number } = readTyped(text, kept);
  return number.kind === 'number' && number.value > 0 ? number.value : undefined;
}

/** What stands in a field for a number that is kept. */
export const inField = (value: number, kept: string): string => fieldText(value, kept, myUnits());

/** What is understood of a number that was typed with another unit than the field's: "= 3 cu ft"; else nothing. */
export function understood(text: string, kept: string): string | undefined {
  const { number, unit } = readTyped(text, kept);
  if (unit === undefined || unit.sign === mySign(kept) || number.kind !== 'number') return undefined;
  const small = keptFor(number.value, kept, myUnits());
  return `= ${String(Number(mine(small.value, small.kept).toPrecision(6)))} ${mySign(small.kept)}`;
}
