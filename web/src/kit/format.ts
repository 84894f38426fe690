const THIN = '\u2009';

/** Decimals that a spread deserves: one figure of it, two where that one is a 1. */
function digitsOfSpread(spread: number): number {
  const lead = Math.floor(Math.log10(spread));
  const first = Math.floor(spread / 10 ** lead);
  return Math.max(0, first === 1 ? 1 - lead : -lead);
}

const PLAIN = 'en-GB';

/** Formatters are dear to make and kept: one for every number of decimals. */
const NUMBERS = new Map<number, Intl.NumberFormat>();
function numbers(digits: number): Intl.NumberFormat {
  const known = NUMBERS.get(digits);
  if (known !== undefined) return known;
  const made = new Intl.NumberFormat(PLAIN, {
    minimumFractionDigits: digits,
    maximumFractionDigits: digits,
    signDisplay: 'negative',
  });
  NUMBERS.set(digits, made);
  return made;
}

/** A number with a real minus and thin spaces between thousands; what rounds to nothing has no sign. */
export function fixed(value: number, digits: number): string {
  return numbers(digits)
    .formatToParts(value)
    .map(({ type, value: part }) => (type === 'group' ? THIN : type === 'minusSign' ? '−' : part))
    .join('');
}

/** As many decimals as a number was typed with, three at most. */
export function decimalsOf(value: number): number {
  for (const digits of [0, 1, 2]) if (Math.abs(value - Number(value.toFixed(digits))) < 1e-9) return digits;
  return 3;
}

/** The language of the page, for what the browser says by itself: plurals, lists, names of days and months. */
export const LANGUAGE = (typeof document === 'undefined' ? '' : document.documentElement.lang) || PLAIN;

const PLURAL = new Intl.PluralRules(LANGUAGE);

/** How many of something, as `1 run`, `12 runs`. */
export const counted = (n: number, one: string, many: string): string =>
  `${fixed(n, 0)} ${PLURAL.select(n) === 'one' ? one : many}`;

const LIST = new Intl.ListFormat(LANGUAGE, { type: 'conjunction' });

/** Several things in a sentence: "a, b and c". */
export const listed = (things: readonly string[]): string => LIST.format(things);

export interface ShownFigure {
  readonly value: string;
  readonly spread?: string;
}

/** A value to the digits that its spread deserves, never more than `digits` where it has none. */
export function figure(value: number, digits: number, spread?: number): ShownFigure {
  if (spread === undefined || !(spread > 0)) return { value: fixed(value, digits) };
  const shown = Math.min(digitsOfSpread(spread), digits + 1);
  return { value: fixed(value, shown), spread: fixed(spread, shown) };
}

/** A length of time on a clock's face: 0:42, 12:40, 4 h 08. */
export function duration(ms: number): string {
  const seconds = Math.floor(Math.abs(ms) / 1000);
  const hours = Math.floor(seconds / 3600);
  const minutes = Math.floor((seconds % 3600) / 60);
  if (hours >= 1) return `${String(hours)} h ${String(minutes).padStart(2, '0')}`;
  return `${String(minutes)}:${String(seconds % 60).padStart(2, '0')}`;
}

type Shape = 'clock' | 'day' | 'dayOfYear' | 'weekday' | 'plainDay';
const SHAPES: Readonly<Record<Shape, Intl.DateTimeFormatOptions>> = {
  clock: { hour: '2-digit', minute: '2-digit' },
  day: { day: 'numeric', month: 'short' },
  dayOfYear: { day: 'numeric', month: 'short', year: 'numeric' },
  weekday: { weekday: 'long', day: 'numeric', month: 'long' },
  plainDay: { day: '2-digit', month: '2-digit', year: 'numeric' },
};

/** The browser's language; a worker or a test may have none. */
const languageOf = (): string => (typeof navigator === 'undefined' ? PLAIN : navigator.language);

/**
 * How the browser's language writes dates: the order of day and month where it is an English, with this page's words;
 * twelve hours or twenty-four as it is used to.
 */
function manner(): { readonly locale: string; readonly hourCycle: Intl.DateTimeFormatOptions['hourCycle'] } {
  const language = languageOf();
  const { hourCycle } = new Intl.DateTimeFormat(language, { hour: 'numeric' }).resolvedOptions();
  return { locale: /^en\b/.test(language) ? language : PLAIN, hourCycle };
}

const DATES = new Map<string, Intl.DateTimeFormat>();

/** A moment in the notebook's zone. */
function dated(at: number, zone: string, shape: Shape): string {
  const key = `${shape} ${zone} ${languageOf()}`;
  const known = DATES.get(key);
  if (known !== undefined) return known.format(at);
  const { locale, hourCycle } = manner();
  const made = new Intl.DateTimeFormat(locale, {
    ...SHAPES[shape],
    timeZone: zone,
    ...(shape === 'clock' && hourCycle !== undefined ? { hourCycle } : {}),
  });
  DATES.set(key, made);
  return made.format(at);
}

/** The hour, as 16:22 or 4:22 pm. */
export const clockTime = (ms: number, zone: string): string => dated(ms, zone, 'clock');

const yearOf = (at: number, zone: string): string => dated(at, zone, 'dayOfYear').replace(/^.*(\d{4}).*$/, '$1');

let clock = (): number => Date.now();

/** By which clock a year is this one: the bench computer's, once it has told. */
export function readClock(of: () => number): void {
  clock = of;
}

/** A day as 24 Nov, with its year where that is not this one. */
export function day(iso: string, zone: string, now = clock()): string {
  const at = Date.parse(iso);
  return dated(at, zone, yearOf(at, zone) === yearOf(now, zone) ? 'day' : 'dayOfYear');
}

/** A day as Saturday 28 November. */
export const weekday = (ms: number, zone: string): string => dated(ms, zone, 'weekday');

/** Further off than this, a deadline is a day and not an hour. */
const SOON_MS = 18 * 3600000;

/** How long something is over due: by the clock while it is fresh, else since which day. */
export function overTime(at: number, now: number, zone: string): string {
  return now - at < SOON_MS ? `${duration(now - at)} over` : `since ${day(new Date(at).toISOString(), zone, now)}`;
}

const DAY_MS = 24 * 3600000;

/** When something is due: by the clock where it is soon, tomorrow named as such, else by the day. */
export function dueTime(at: number, now: number, zone: string): string {
  const on = (ms: number): string => dated(ms, zone, 'plainDay');
  if (on(at) === on(now)) return clockTime(at, zone);
  if (on(at) === on(now + DAY_MS)) return `tomorrow ${clockTime(at, zone)}`;
  return day(new Date(at).toISOString(), zone, now);
}

/** How long ago, in the largest unit that fits. */
export function age(iso: string, now: number): string {
  const days = Math.floor((now - Date.parse(iso)) / 86400000);
  if (days < 1) return 'today';
  if (days < 14) return `${String(days)} d`;
  if (days < 70) return `${String(Math.round(days / 7))} wk`;
  return `${String(Math.round(days / 30))} mo`;
}
