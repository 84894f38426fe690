/** The day of the calendar in a time zone, as 2026-11-24. Example: 2026-11-24T23:30Z in Vienna is 2026-11-25. */
export function dayIn(zone: string, at_ms: number): string {
  const parts = new Intl.DateTimeFormat('en', { timeZone: zone, year: 'numeric', month: '2-digit', day: '2-digit' })
    .formatToParts(new Date(at_ms))
    .map(({ type, value }) => [type, value] as const);
  const of = Object.fromEntries(parts) as Record<'year' | 'month' | 'day', string>;
  return `${of.year}-${of.month}-${of.day}`;
}
