import { create } from 'zustand';
import { persist } from 'zustand/middleware';

/** A page where somebody was, by its address and title. */
export interface Lately {
  readonly to: string;
  readonly words: string;
}

interface LatelyState {
  readonly pages: readonly Lately[];
  wasAt: (page: Lately) => void;
}

/** So many are remembered in this browser. */
const MOST = 8;

/** Where one was lately, the last first. */
export const useLately = create<LatelyState>()(
  persist(
    (set) => ({
      pages: [],
      wasAt: (page) => {
        set(({ pages }) => ({ pages: [page, ...pages.filter(({ to }) => to !== page.to)].slice(0, MOST) }));
      },
    }),
    { name: 'bent-pail-lately', version: 1 },
  ),
);
