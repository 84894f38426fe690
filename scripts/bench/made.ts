import type { MediaClass } from '@bent-pail/core';

/** A lot as runs and blends are made of it. */
export interface Lot {
  readonly id: string;
  readonly material: { readonly mediaClass: MediaClass; readonly name: string };
  readonly code: string;
}

/** When the first run was begun, and a day, ms. */
export const BEGAN = Date.UTC(2018, 0, 8, 8);
export const DAY_MS = 86_400_000;
