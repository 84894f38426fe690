const HOUR_MS = 3600_000;
/** From here on a band is told in days. */
const IN_DAYS_h = 48;

/** How wide a band of times is to both sides of its middle, in words. */
export function giveOrTake(from_ms: number, to_ms: number): string {
  const hours = (to_ms - from_ms) / 2 / HOUR_MS;
  if (hours < IN_DAYS_h) return `give or take ${Math.max(1, hours).toFixed(0)} h`;
  return `give or take ${(hours / 24).toFixed(0)} days`;
}
