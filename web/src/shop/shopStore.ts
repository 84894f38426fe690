import type { PACK_FORMS, PRICE_KINDS, VerdictUse } from '@bent-pail/core';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** A pack as it is copied off the shelf edge. */
export interface ShopPack {
  readonly name: string;
  readonly price: string;
  readonly kind: Exclude<(typeof PRICE_KINDS)[number], 'made'>;
  readonly pack: string;
  readonly form: Exclude<(typeof PACK_FORMS)[number], 'byWeight'>;
  readonly seen: 'bag' | 'page' | 'photo';
  readonly claims: string;
}

export interface ShopNotes {
  readonly packs: readonly ShopPack[];
  readonly use: VerdictUse;
  readonly need: string;
  /** What a litre costs that one makes oneself; empty where nobody does. */
  readonly made: string;
  /** Places of the classes that the hands found in the first bag. */
  readonly smell?: number;
  readonly squeeze?: number;
}

const EMPTY: ShopPack = { name: '', price: '', kind: 'paid', pack: '', form: 'loose', seen: 'bag', claims: '' };
const START: ShopNotes = { packs: [EMPTY, EMPTY], use: 'containers', need: '100 L', made: '' };

/** Packs that stand side by side at most. */
export const MOST_PACKS = 3;

interface ShopState {
  readonly notes: ShopNotes;
  note: (change: Partial<ShopNotes>) => void;
  pack: (place: number, change: Partial<ShopPack>) => void;
  another: () => void;
  without: (place: number) => void;
  anew: () => void;
}

/** What is typed in a shop stays in this browser, without an account. */
export const useShop = create<ShopState>()(
  persist(
    (set) => ({
      notes: START,
      note: (change) => {
        set(({ notes }) => ({ notes: { ...notes, ...change } }));
      },
      pack: (place, change) => {
        set(({ notes }) => ({
          notes: { ...notes, packs: notes.packs.map((one, i) => (i === place ? { ...one, ...change } : one)) },
        }));
      },
      another: () => {
        set(({ notes }) => ({ notes: { ...notes, packs: [...notes.packs, EMPTY] } }));
      },
      without: (place) => {
        set(({ notes }) => ({ notes: { ...notes, packs: notes.packs.filter((_, i) => i !== place) } }));
      },
      anew: () => {
        set({ notes: START });
      },
    }),
    {
      name: 'bent-pail-shop',
      version: 2,
      // What was typed before there was a price of one's own stays.
      migrate: (kept) => ({ notes: { ...START, ...(kept as Partial<ShopState>).notes } }),
    },
  ),
);
