import { readDay } from '../kit/readDay';
import { readTime } from '../kit/readTime';

const DAY_MS = 86400000;

/** A clock on the wall at a place, as if it were UTC. */
function wallClock(ms: number, zone: string): number {
  const parts = new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    hourCycle: 'h23',
    year: 'numeric',
    month: 'numeric',
    day: 'numeric',
    hour: 'numeric',
    minute: 'numeric',
  }).formatToParts(ms);
  const of = (type: Intl.DateTimeFormatPartTypes): number =>
    Number(parts.find((part) => part.type === type)?.value ?? 0);
  return Date.UTC(of('year'), of('month') - 1, of('day'), of('hour'), of('minute'));
}

/** The moment at which the clock on the wall shows this; where it shows it twice, the first. */
function momentOf(wall: number, zone: string): number {
  const guess = wall - (wallClock(wall, zone) - wall);
  return guess - (wallClock(guess, zone) - wall);
}

/**
 * The moment that a text means, ms since 1970, by the clock on the wall of the notebook: `8:15`, `yesterday 16:40`,
 * `24 Nov 8:15`. A time alone is the last one before `now`. Undefined where it is none, or not yet.
 */
export function readMoment(text: string, now: number, zone: string): number | undefined {
  const words = text.trim().replaceAll(/\s+/g, ' ');
  const cut = words.lastIndexOf(' ');
  const [said, hour] = cut < 0 ? ['', words] : [words.slice(0, cut), words.slice(cut + 1)];
  const time = readTime(hour);
  if (time === undefined) return undefined;
  const today = wallClock(now, zone);
  const midnight = (wall: number): number => Math.floor(wall / DAY_MS) * DAY_MS;
  const [hours, minutes] = time.split(':').map(Number) as [number, number];
  const at = (day: number): number => momentOf(day + (hours * 60 + minutes) * 60000, zone);
  if (said === '') {
    const own = at(midnight(today));
    return own <= now ? own : at(midnight(today - DAY_MS));
  }
  if (/^yesterday$/i.test(said)) return at(midnight(today - DAY_MS));
  const local = new Date(today);
  const day = readDay(said, new Date(local.getUTCFullYear(), local.getUTCMonth(), local.getUTCDate()));
  if (day === undefined) return undefined;
  const moment = at(Date.parse(`${day}T00:00:00Z`));
  return moment <= now ? moment : undefined;
}
