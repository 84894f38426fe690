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
