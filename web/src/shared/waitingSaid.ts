import { WAITING_HEADER } from '@bent-pail/contract/choices';

let waiting = 0;
/** A browser that never had anything waiting says nothing; one that had says once more that it has none. */
let isToldOfNone = true;

/** How many readings wait in this browser, as its queue counts them. */
export function countWaiting(readings: number): void {
  if (readings > 0) isToldOfNone = false;
  waiting = readings;
}

/** What goes along with whatever is asked of the bench computer, so that a lead sees what was not sent yet. */
export function waitingSaid(): Readonly<Record<string, string>> {
  if (waiting === 0 && isToldOfNone) return {};
  isToldOfNone = waiting === 0;
  return { [WAITING_HEADER]: String(waiting) };
}
