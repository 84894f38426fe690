/** Years that a notebook may speak of. */
export const YEARS = Object.freeze({ first: 1900, last: 2199 });

const DAY = /^(\d{4})-(\d{2})-(\d{2})$/;
const TIME = /^(?:[01]\d|2[0-3]):[0-5]\d(?::[0-5]\d(?:\.\d{1,9})?)?(?:Z|[+-](?:0\d|1[0-4]):[0-5]\d)$/;

/** Whether it is a day that there is, written 2026-11-24, from 1900 to 2199. */
export function isDay(value: unknown): value is string {
  const found = typeof value === 'string' ? DAY.exec(value) : null;
  if (found === null) return false;
  const [year, month, day] = found.slice(1).map(Number) as [number, number, number];
  if (year < YEARS.first || year > YEARS.last) return false;
  const date = new Date(Date.UTC(year, month - 1, day));
  // The thirtieth of February would become a day of March.
  return date.getUTCMonth() === month - 1 && date.getUTCDate() === day;
}

/** Whether it is a moment that there is, with its zone: 2026-11-24T08:00:00Z. */
export function isMoment(value: unknown): value is string {
  if (typeof value !== 'string') return false;
  const cut = value.indexOf('T');
  return cut > 0 && isDay(value.slice(0, cut)) && TIME.test(value.slice(cut + 1));
}
