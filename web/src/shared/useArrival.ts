import { useEffect, useRef, type RefObject } from 'react';
import { useLocation } from 'react-router';

/** The page that the reader of the screen was last brought to. */
let arrivedAt: string | undefined;

/** Puts the focus on a page's heading where one came from another page, unless something there has it already. */
export function useArrival<T extends HTMLElement>(): RefObject<T | null> {
  const heading = useRef<T>(null);
  const { pathname, key } = useLocation();
  useEffect(() => {
    const isFirst = arrivedAt === undefined || key === 'default';
    const isHere = arrivedAt === pathname;
    arrivedAt = pathname;
    if (isFirst || isHere) return;
    const inPage = document.activeElement?.closest('main') ?? null;
    if (inPage === null) heading.current?.focus({ preventScroll: true });
  }, [pathname, key]);
  return heading;
}
