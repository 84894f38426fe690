import { useEffect } from 'react';
import { useLocation } from 'react-router';
import { useTitle } from '../../shared/titleStore';
import { useLately } from './latelyStore';

/** Remembers each thing that is looked at: the pages that have an id of their own. */
export function useLatelyHere(): void {
  const { pathname } = useLocation();
  const title = useTitle((state) => state.page);
  const wasAt = useLately((state) => state.wasAt);
  useEffect(() => {
    if (/\/[0-9a-f-]{36}$/.test(pathname) && title !== '') wasAt({ to: pathname, words: title });
  }, [pathname, title, wasAt]);
}
