import { create } from 'zustand';
import { persist } from 'zustand/middleware';
import type { SmallPail } from './pail/LotPail';

/** The lot or blend that one carries from station to station. */
export interface InHand {
  readonly kind: 'lot' | 'blend';
  readonly id: string;
  readonly name: string;
  readonly pail?: SmallPail;
}

interface HandState {
  readonly hand: InHand | undefined;
  take: (hand: InHand) => void;
  putDown: () => void;
}

export const useHand = create<HandState>()(
  persist(
    (set) => ({
      hand: undefined,
      take: (hand) => {
        set({ hand });
      },
      putDown: () => {
        set({ hand: undefined });
      },
    }),
    { name: 'bent-pail-hand', version: 1, migrate: () => ({ hand: undefined }) },
  ),
);
