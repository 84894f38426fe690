import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { countsQuery } from '../shared/resources/today';
import { useTitle } from '../shared/titleStore';

const NAME = 'Bent Pail';

/** The browser's tab: what the page is about, with how many weighings are due before it. */
export function useTabTitle(): void {
  const page = useTitle((state) => state.page);
  const due = useQuery(countsQuery).data?.due ?? 0;
  useEffect(() => {
    const said = page === '' ? NAME : `${page} · ${NAME}`;
    document.title = due === 0 ? said : `(${String(due)}) ${said}`;
    return () => {
      document.title = NAME;
    };
  }, [page, due]);
}
