import type { Feeder, UseKey } from '@bent-pail/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** How a pot stands and is fed: what a recipe does not know. Empty fields are not said. */
export interface Stand {
  readonly use: UseKey;
  /** Volume of a pot without diameters, L. */
  readonly volume_L: string;
  readonly pot_kg: string;
  readonly potsPerM2: string;
  readonly limit_kgPerM2: string;
  readonly feeder: Feeder;
  readonly productN_percent: string;
}

interface StandState {
  readonly stand: Stand;
  set: (change: Partial<Stand>) => void;
  /** As if nobody had said anything yet. */
  forget: () => void;
}

const USUAL: Stand = {
  use: 'mild',
  volume_L: '10 L',
  pot_kg: '',
  potsPerM2: '',
  limit_kgPerM2: '',
  feeder: 'medium',
  productN_percent: '15',
};

/** How the person's pots stand; the same for every blend until they say otherwise. */
export const useStand = create<StandState>()(
  persist(
    (set) => ({
      stand: USUAL,
      set: (change) => {
        set(({ stand }) => ({ stand: { ...stand, ...change } }));
      },
      forget: () => {
        set({ stand: USUAL });
      },
    }),
    { name: 'bent-pail-stand', version: 2, migrate: () => ({ stand: USUAL }) },
  ),
);

/** A typed number above 0; undefined where there is none. */
export function typedNumber(text: string): number | undefined {
  const value = Number(text.replace(',', '.'));
  return text.trim() !== '' && value > 0 ? value : undefined;
}
