import { create } from 'zustand';

interface Watches {
  /** When the water was poured, ms, by what is timed. */
  readonly startedAt: Readonly<Record<string, number>>;
  start: (key: string, at: number) => void;
}

/** One watch for all times of a pouring: the first drip and the last are counted from the same pouring. */
export const useWatches = create<Watches>()((set) => ({
  startedAt: {},
  start: (key, at) => {
    set(({ startedAt }) => ({ startedAt: { ...startedAt, [key]: at } }));
  },
}));

const TENTHS = 10;

/** Seconds since the start, in tenths: nobody presses better than that. */
export const secondsSince = (startedAt: number, now: number): number =>
  Math.round(((now - startedAt) / 1000) * TENTHS) / TENTHS;
