/** How far a zone's clock is ahead of UTC at a local time such as 2026-11-24T08:15:00, minutes. */
export function offsetIn(zone: string): (localIso: string) => number {
  const clock = new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    hourCycle: 'h23',
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
    second: '2-digit',
  });
  const shownAt = (ms: number): number => {
    const parts = Object.fromEntries(clock.formatToParts(ms).map(({ type, value }) => [type, value]));
    const { year = '', month = '', day = '', hour = '', minute = '', second = '' } = parts;
    return Date.parse(`${year}-${month}-${day}T${hour}:${minute}:${second}Z`);
  };
  return (localIso) => {
    const local = Date.parse(`${localIso}Z`);
    const near = local - (shownAt(local) - local);
    return (shownAt(near) - near) / 60_000;
  };
}
