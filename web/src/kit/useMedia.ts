import { useSyncExternalStore } from 'react';

/** Whether the screen is like that, as CSS asks it. */
export function useMedia(query: string): boolean {
  return useSyncExternalStore(
    (changed) => {
      const list = window.matchMedia(query);
      list.addEventListener('change', changed);
      return () => {
        list.removeEventListener('change', changed);
      };
    },
    () => window.matchMedia(query).matches,
  );
}
