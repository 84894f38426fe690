import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { tell } from '../kit/toasts';
import { queryClient } from '../shared/resources/client';
import { countsQuery } from '../shared/resources/today';
import { tellOfEnd } from '../shared/bellStore';
import { serverNow } from '../shared/serverClock';

/** Longer than this is not waited for at once: a browser’s timer holds no more. */
const LONGEST_MS = 24 * 3600000;

/** A timer that ends while its sheet is not in view is told of, wherever one is. */
export function useTimerToasts(pathname: string): void {
  const next = useQuery(countsQuery).data?.nextOver;
  const address = next === undefined ? undefined : `/bench/runs/${next.runId}`;
  useEffect(() => {
    if (next === undefined || address === undefined) return;
    const left = next.at - serverNow();
    if (left < 0 || left > LONGEST_MS) return;
    const timer = setTimeout(() => {
      // One more is due, and the next one is another.
      void queryClient.invalidateQueries(countsQuery);
      const title = `${next.name.slice(0, 1).toUpperCase()}${next.name.slice(1)} is over`;
      tellOfEnd(title, next.lot);
      if (pathname === address) return;
      tell({
        title,
        line: next.lot,
        to: { address, words: 'To the sheet' },
      });
    }, left);
    return () => {
      clearTimeout(timer);
    };
  }, [next, address, pathname]);
}
