const HOUR = 60;
const DAY = 24 * HOUR;

/** A waiting time in the largest unit that keeps it whole: 45 min, 24 h, 21 d. */
export function minutesInWords(minutes: number): string {
  if (minutes >= 2 * DAY && minutes % DAY === 0) return `${String(minutes / DAY)} d`;
  if (minutes >= 2 * HOUR && minutes % HOUR === 0) return `${String(minutes / HOUR)} h`;
  if (minutes >= 2 * HOUR) return `${String(Math.floor(minutes / HOUR))} h ${String(Math.round(minutes % HOUR))} min`;
  return `${String(minutes)} min`;
}
