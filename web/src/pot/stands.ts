import type { PlaceRow } from '@bent-pail/contract';
import { monthOf, STANDS, type StandKey } from '@bent-pail/core';
import { amount } from '../shared/units/mine';

/** Places as they are chosen, each with what it asks for a day. */
export const STAND_OPTIONS = (): { readonly key: StandKey; readonly words: string }[] =>
  STANDS.map(({ key, words, mmPerD }) => ({
    key,
    words: `${words}, ${amount(mmPerD, 'mm', mmPerD % 1 === 0 ? 0 : 1)} a day`,
  }));

/** Months as they are chosen and said. */
export const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
] as const;

/** Where a pot stands, where that is a place that is kept: what it asks for and rains in that month. */
export interface There {
  readonly where: string;
  readonly mmPerD: number;
  readonly rain_mm: number;
}

export function thereOf(
  at: { readonly placeId: string; readonly month: number } | undefined,
  places: readonly PlaceRow[],
): There | undefined {
  const place = places.find(({ id }) => id === at?.placeId);
  if (at === undefined || place === undefined) return undefined;
  const { mmPerD, rain_mmPerD } = monthOf(place, at.month);
  return { where: `${place.name} in ${MONTHS[at.month] as string}`, mmPerD, rain_mm: rain_mmPerD };
}
