import { useEffect } from 'react';
import { create } from 'zustand';

interface TitleState {
  /** What the page is about, as its tab says it; empty until it knows. */
  readonly page: string;
  say: (page: string) => void;
}

export const useTitle = create<TitleState>((set) => ({
  page: '',
  say: (page) => {
    set({ page });
  },
}));

/** Names the page in the browser's tab and history, as `Rice hulls RH-1, run 87`. */
export function usePageTitle(page: string): void {
  const say = useTitle((state) => state.say);
  useEffect(() => {
    say(page);
  }, [page, say]);
}
