import { useEffect, useRef } from 'react';
import { useLocation, useNavigate } from 'react-router';

/** What marks the entry of the browser's history that stands for something open over its page. */
interface Marked {
  readonly open?: true;
}

/**
 * Lets the browser's Back close what is open over a page before it leaves the page: while it is open the history has an entry
 * more. Closed by other means, that entry is taken back.
 */
export function useBackCloses(isOpen: boolean, close: () => void): void {
  const navigate = useNavigate();
  const location = useLocation();
  const { pathname, search } = location;
  const isMarked = (location.state as Marked | null)?.open === true;
  /** The entry is ours from when it was added until it is gone. */
  const ours = useRef(false);
  useEffect(() => {
    if (isOpen && !ours.current) {
      ours.current = true;
      void navigate({ pathname, search }, { state: { open: true } satisfies Marked, preventScrollReset: true });
    } else if (!isOpen && ours.current) {
      ours.current = false;
      if (isMarked) void navigate(-1);
    }
    // Only opening and closing: where one is then does not matter.
    // oxlint-disable-next-line react-hooks/exhaustive-deps
  }, [isOpen]);
  const wasMarked = useRef(false);
  useEffect(() => {
    if (isOpen && wasMarked.current && !isMarked) {
      ours.current = false;
      close();
    }
    wasMarked.current = isMarked;
  }, [isMarked, isOpen, close]);
}
