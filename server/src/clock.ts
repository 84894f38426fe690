import { readFileSync } from 'node:fs';

/** Where the time comes from; the one clock that due times, stamps and tests share. */
export interface Clock {
  /** Milliseconds since 1970. */
  now: () => number;
}

export const systemClock: Clock = { now: () => Date.now() };

/** The system's clock moved by the milliseconds that a file holds, read at each question: a long soak in rehearsal. */
export function shiftedClock(file: string): Clock {
  const shift = (): number => {
    try {
      return Number(readFileSync(file, 'utf8')) || 0;
    } catch {
      // No file yet: not shifted.
      return 0;
    }
  };
  return { now: () => Date.now() + shift() };
}
