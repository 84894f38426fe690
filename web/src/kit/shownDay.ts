const SHOWN = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' });

/** A day as it is read: 24 Nov 2026; months in three letters, so that it can be read back. */
export function shownDay(iso: string): string {
  const ms = Date.parse(`${iso}T00:00:00Z`);
  if (Number.isNaN(ms)) return iso;
  return SHOWN.formatToParts(ms)
    .map(({ type, value }) => (type === 'month' ? value.slice(0, 3) : value))
    .join('');
}
