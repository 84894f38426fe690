import { scoreOf, type CardCriterion } from '@bent-pail/core';

/** Under so many points a value is low. */
const LOW = 4;

/** Where a value lies among those of all products: its place by what it scores, and whether it is low in all of them. */
export interface PlaceAmong {
  readonly place: number;
  readonly of: number;
  readonly lowInAll: boolean;
}

/**
 * The place of a criterion's value among the others', 1 for the one that scores most; those that score the same share the
 * better place. Undefined where nothing was found or there is no other.
 */
export function placeAmong({ criterion, found }: CardCriterion, others: readonly number[]): PlaceAmong | undefined {
  if (found === undefined || others.length === 0) return undefined;
  const own = scoreOf(criterion.function, found);
  const points = others.map((value) => scoreOf(criterion.function, value));
  return {
    place: 1 + points.filter((one) => one > own + 1e-9).length,
    of: others.length + 1,
    lowInAll: [own, ...points].every((one) => one < LOW),
  };
}

/** A place in a few words. */
export const placeWords = ({ place, of, lowInAll }: PlaceAmong): string =>
  lowInAll ? `low in all ${String(of)}` : `${ordinal(place)} of ${String(of)}`;

function ordinal(n: number): string {
  const ten = n % 100;
  const ending = ten > 10 && ten < 14 ? 'th' : (['th', 'st', 'nd', 'rd'][n % 10] ?? 'th');
  return `${String(n)}${ending}`;
}
