/** Which of the first two figures of a day is the day. */
export type DayOrder = 'day-first' | 'month-first';

const FIGURES = /^(\d{1,2})[./-](\d{1,2})[./-](\d{2}|\d{4})(?:[ ,T]+(.*))?$/;
const ISO = /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})(?:[ ,T]+(.*))?$/;
const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const NAMED = /^(\d{1,2})\.?[ -]([A-Za-z]{3,9})\.?[ ,-]+(\d{2}|\d{4})(?:[ ,T]+(.*))?$/;
const MONTH_FIRST = /^([A-Za-z]{3,9})\.?[ -](\d{1,2}),?[ -](\d{2}|\d{4})(?:[ ,T]+(.*))?$/;

/** How a column writes its days: month first only where a second figure is no month and no first one is none. */
export function dayOrderOf(cells: readonly string[]): DayOrder {
  const parts = cells.flatMap((cell) => {
    const found = FIGURES.exec(cell.trim());
    return found === null ? [] : [[Number(found[1]), Number(found[2])] as const];
  });
  const isMonthFirst = parts.some(([, second]) => second > 12) && parts.every(([first]) => first <= 12);
  return isMonthFirst ? 'month-first' : 'day-first';
}

interface Parts {
  readonly year: number;
  readonly month: number;
  readonly day: number;
  readonly rest: string;
}

/** Two figures of a year are of this century. */
const yearOf = (text: string): number => (text.length === 2 ? 2000 + Number(text) : Number(text));
const monthOf = (name: string): number => 1 + MONTHS.indexOf(name.slice(0, 3).toLowerCase());

function partsOf(text: string, order: DayOrder): Parts | undefined {
  const [, year, month, day, rest = ''] = ISO.exec(text) ?? [];
  if (year !== undefined) return { year: Number(year), month: Number(month), day: Number(day), rest };
  const figures = FIGURES.exec(text);
  if (figures !== null) {
    const [, first = '', second = '', last = '', after = ''] = figures;
    const [own, other] = order === 'day-first' ? [first, second] : [second, first];
    return { year: yearOf(last), month: Number(other), day: Number(own), rest: after };
  }
  const named = NAMED.exec(text);
  if (named !== null) {
    const [, own = '', name = '', last = '', after = ''] = named;
    return { year: yearOf(last), month: monthOf(name), day: Number(own), rest: after };
  }
  const turned = MONTH_FIRST.exec(text);
  if (turned === null) return undefined;
  const [, name = '', own = '', last = '', after = ''] = turned;
  return { year: yearOf(last), month: monthOf(name), day: Number(own), rest: after };
}

const two = (n: number): string => String(n).padStart(2, '0');

/** The day of some parts as 2026-11-24; undefined where the calendar has none. */
function isoOf({ year, month, day }: Parts): string | undefined {
  const date = new Date(Date.UTC(year, month - 1, day));
  const isThere = date.getUTCFullYear() === year && date.getUTCMonth() === month - 1 && date.getUTCDate() === day;
  return isThere && year >= 1900 && year < 2200 ? `${String(year)}-${two(month)}-${two(day)}` : undefined;
}

/** A day as people write it, as 2026-11-24: 24.11.2026, 24/11/26, 11/24/2026 in a column of such, 24 Nov 2026. */
export function readDay(text: string, order: DayOrder): string | undefined {
  const parts = partsOf(text.trim(), order);
  return parts && isoOf(parts);
}

const CLOCK = /^(\d{1,2})[:.h](\d{2})(?::(\d{2})(?:\.\d+)?)?\s*(am|pm)?\s*(Z|[+-]\d{2}:?\d{2})?$/i;

/** A moment as people write it; without a clock time it is noon, without a zone that of `offsetAt`, minutes. */
export function readMoment(text: string, order: DayOrder, offsetAt: (localIso: string) => number): string | undefined {
  const parts = partsOf(text.trim(), order);
  const day = parts && isoOf(parts);
  if (parts === undefined || day === undefined) return undefined;
  const clock = parts.rest.trim() === '' ? ['', '12', '00'] : CLOCK.exec(parts.rest.trim());
  if (clock === null) return undefined;
  const [, hours = '', minutes = '', seconds = '00', half, zone] = clock;
  const hour = half === undefined ? Number(hours) : (Number(hours) % 12) + (half.toLowerCase() === 'pm' ? 12 : 0);
  if (hour > 23 || Number(minutes) > 59 || Number(seconds) > 59) return undefined;
  const local = `${day}T${two(hour)}:${minutes}:${seconds}`;
  if (zone !== undefined) return new Date(`${local}${zone.toUpperCase()}`).toISOString();
  return new Date(Date.parse(`${local}Z`) - offsetAt(local) * 60_000).toISOString();
}
