import { seededRandom } from '@bent-pail/core';

/** Numbers that look like chance and are the same for the same seed. */
export interface Chance {
  /** From 0, under 1. */
  readonly next: () => number;
  /** A whole number from 0, under `below`. */
  readonly whole: (below: number) => number;
  readonly pick: <T>(from: readonly T[]) => T;
}

export function chance(seed: number): Chance {
  const next = seededRandom(seed);
  const whole = (below: number): number => Math.floor(next() * below);
  return { next, whole, pick: (from) => from[whole(from.length)] as never };
}
