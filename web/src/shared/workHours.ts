import type { WorkHours } from '@bent-pail/contract';

const HOUR_MS = 3600000;
const DAY_H = 24;

/** Hours since midnight at a place. */
function hourAt(ms: number, zone: string): number {
  const parts = new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    hour: 'numeric',
    minute: 'numeric',
    hourCycle: 'h23',
  }).formatToParts(ms);
  const of = (type: 'hour' | 'minute'): number => Number(parts.find((part) => part.type === type)?.value ?? 0);
  return of('hour') + of('minute') / 60;
}

/** The last time at or before this one at which somebody is at the bench: what has to be begun by then. */
export function workedBefore(ms: number, { from_h, to_h }: WorkHours, zone: string): number {
  const hour = hourAt(ms, zone);
  if (hour < from_h) return ms - (hour + DAY_H - to_h) * HOUR_MS;
  return hour > to_h ? ms - (hour - to_h) * HOUR_MS : ms;
}

/** The first time at or after this one at which somebody is at the bench. */
export function workedAfter(ms: number, { from_h, to_h }: WorkHours, zone: string): number {
  const hour = hourAt(ms, zone);
  if (hour < from_h) return ms + (from_h - hour) * HOUR_MS;
  return hour > to_h ? ms + (DAY_H - hour + from_h) * HOUR_MS : ms;
}
