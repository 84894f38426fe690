import type { Principal } from '@bent-pail/server/http/principal';
import type { Clock } from '@bent-pail/server/clock';
import type { Context } from '@bent-pail/server/context';
import type { NotebookFiles } from './files';

const DAY_MS = 86400000;

/** A clock that the loader sets: everything is stamped as if it had been done when the files say. */
export class SetClock implements Clock {
  constructor(private at: number) {}
  now(): number {
    return this.at;
  }
  set(at: number): void {
    this.at = at;
  }
}

/** What every part of the load shares. */
export interface Loading {
  readonly context: Context;
  readonly clock: SetClock;
  readonly files: NotebookFiles;
  /** When the demo is loaded; all dates are offsets from it. */
  readonly loadedAt: number;
  readonly people: ReadonlyMap<string, Principal>;
  /** Ids by lot code and by vessel name, filled as the shelf is loaded. */
  readonly lots: Map<string, string>;
  readonly vessels: Map<string, string>;
}

/** Something that happened in the notebook's past. */
export interface Happening {
  readonly at: number;
  readonly happen: () => Promise<void>;
}

/** A clock time so many days before the load. */
export function daysBefore(loading: Loading, daysAgo: number, time = '10:00'): number {
  const midnight = Math.floor(loading.loadedAt / DAY_MS) * DAY_MS;
  const [hours = 0, minutes = 0] = time.split(':').map(Number);
  return midnight - daysAgo * DAY_MS + (hours * 60 + minutes) * 60000;
}

/** Finds by name what a file speaks of, or says which file is wrong. */
export function named<T>(known: ReadonlyMap<string, T>, name: string, what: string): T {
  const found = known.get(name);
  if (found === undefined) throw new Error(`The demo files speak of the ${what} "${name}", which is in none of them.`);
  return found;
}
