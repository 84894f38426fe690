import Bowser from 'bowser';

/** The longest that is kept of what a browser says of itself. */
const LONGEST = 60;

/** What somebody signed in with, in words, as its browser says: `Firefox, Linux`. */
export function deviceOf(userAgent: string | undefined): string {
  if (userAgent === undefined || userAgent === '') return '';
  const { browser, os } = Bowser.parse(userAgent);
  return [browser.name, os.name].filter(Boolean).join(', ').slice(0, LONGEST);
}
