import type { PropertyKey } from '@bent-pail/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** What a delivery is tested for, as it was typed. */
export interface Buying {
  readonly figure: PropertyKey;
  readonly good: string;
  readonly bad: string;
  readonly sd: string;
  readonly risk: string;
  readonly most: string;
  readonly values: string;
}

interface BuyingState extends Buying {
  set: (next: Partial<Buying>) => void;
}

const FIRST: Buying = {
  figure: 'bagVolume_L',
  good: '50 L',
  bad: '46 L',
  sd: '2.5 L',
  risk: '5',
  most: '10',
  values: '',
};

/** The last delivery that was tested stays in this browser, bag by bag. */
export const useBuying = create<BuyingState>()(
  persist(
    (set) => ({
      ...FIRST,
      set: (next) => {
        set(next);
      },
    }),
    { name: 'bent-pail-buying', version: 1, migrate: () => FIRST },
  ),
);
