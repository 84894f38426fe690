import { readFileSync } from 'node:fs';

/** The one clock of the server: everything that needs the time is given it. */
export interface Clock {
  now(): number;
}

export const systemClock: Clock = { now: () => Date.now() };

/** A clock that runs ahead by what a file says, so that a day's soak can be rehearsed in a minute. */
export function shiftedClock(file: string): Clock {
  return {
    now: () => {
      const shift = Number(readFileSync(file, 'utf8'));
      return Date.now() + (Number.isFinite(shift) ? shift : 0);
    },
  };
}
