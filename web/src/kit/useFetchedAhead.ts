import { useEffect } from 'react';

/** The page is drawn first, ms. */
const AFTER_MS = 1500;

/** Asks for what may be needed once the page stands, before somebody waits for it or the network is away. */
export function useFetchedAhead(fetches: readonly (() => void)[]): void {
  useEffect(() => {
    const fetching = setTimeout(() => {
      for (const fetch of fetches) fetch();
    }, AFTER_MS);
    return () => {
      clearTimeout(fetching);
    };
  }, [fetches]);
}
