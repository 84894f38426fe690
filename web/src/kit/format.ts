const THIN = '\u2009';

/** Decimals that a spread deserves: one figure of it, two where that one is a 1. */
function digitsOfSpread(spread: number): number {
  const lead = Math.floor(Math.log10(spread));
  const first = Math.floor(spread / 10 ** lead);
  return Math.max(0, first === 1 ? 1 - lead : -lead);
}

function grouped(text: string): string {
  const [whole = '', part] = text.split('.');
  const spaced = whole.replace(/\B(?=(\d{3})+(?!\d))/g, THIN);
  return part === undefined ? spaced : `${spaced}.${part}`;
}

/** A number with a real minus and thin spaces between thousands. */
export function fixed(value: number, digits: number): string {
  const text = Math.abs(value).toFixed(digits);
  const isZero = Number(text) === 0;
  return `${value < 0 && !isZero ? '−' : ''}${grouped(text)}`;
}

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

export function clockTime(ms: number, zone: string): string {
  return new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone }).format(ms);
}

/** A day as 24 Nov, with its weekday when it is near. */
export function day(iso: string, zone: string): string {
  return new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: zone }).format(new Date(iso));
}

/** Further off than this, a deadline is a day and not an hour. */
const SOON_MS = 18 * 3600000;

/** How long something is over due: by the clock while it is fresh, else since which day. */
export function overTime(at: number, now: number, zone: string): string {
  return now - at < SOON_MS ? `${duration(now - at)} over` : `since ${day(new Date(at).toISOString(), zone)}`;
}

/** When something is due: by the clock where it is soon, else by the day. */
export function dueTime(at: number, now: number, zone: string): string {
  return at - now < SOON_MS ? clockTime(at, zone) : day(new Date(at).toISOString(), zone);
}

/** How long ago, in the largest unit that fits. */
export function age(iso: string, now: number): string {
  const days = Math.floor((now - Date.parse(iso)) / 86400000);
  if (days < 1) return 'today';
  if (days < 14) return `${String(days)} d`;
  if (days < 70) return `${String(Math.round(days / 7))} wk`;
  return `${String(Math.round(days / 30))} mo`;
}
