import { format, isValid, parse } from 'date-fns';
import { enGB } from 'date-fns/locale/en-GB';

/** Ways in which a day is written, the day before the month. */
const WITH_YEAR = ['yyyy-MM-dd', 'd MMM yyyy', 'd MMMM yyyy', 'd/M/yyyy', 'd.M.yyyy', 'd MMM yy', 'd/M/yy'];
const WITHOUT_YEAR = ['d MMM', 'd MMMM', 'd/M', 'd.M.'];
const YEARS = { least: 1900, most: 2199 };

const toIso = (date: Date): string => format(date, 'yyyy-MM-dd');

/**
 * The day that a text means, as 2026-11-24; `undefined` where it is none. Without a year it lies in the year of `today`.
 */
export function readDay(text: string, today: Date): string | undefined {
  const words = text.trim().replaceAll(/\s+/g, ' ').replace(/,/g, '');
  if (/^today$/i.test(words)) return toIso(today);
  const forms = [...WITH_YEAR.map((form) => [words, form]), ...WITHOUT_YEAR.map((form) => [words, form])];
  for (const [said = '', form = ''] of forms) {
    const date = parse(said, form, today, { locale: enGB });
    const year = date.getFullYear();
    if (isValid(date) && year >= YEARS.least && year <= YEARS.most) return toIso(date);
  }
  return undefined;
}

/** A day as it is read: 24 Nov 2026. */
export const shownDay = (iso: string): string => {
  const date = parse(iso, 'yyyy-MM-dd', new Date(0));
  return isValid(date) ? format(date, 'd MMM yyyy', { locale: enGB }) : iso;
};

/** The time that a text means, as 08:30; `undefined` where it is none. */
export function readTime(text: string): string | undefined {
  const found = /^(\d{1,2})(?:[:.h ]?(\d{2}))?$/.exec(text.trim());
  if (found === null) return undefined;
  const [hours, minutes] = [Number(found[1]), Number(found[2] ?? '0')];
  if (hours > 23 || minutes > 59) return undefined;
  return `${String(hours).padStart(2, '0')}:${String(minutes).padStart(2, '0')}`;
}
