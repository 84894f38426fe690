import type { ReactElement } from 'react';
import { useOutbox } from '../shared/outbox/useOutbox';

/** How many readings wait for the server, in words, on every page. */
export function WaitingBadge(): ReactElement | null {
  const waiting = useOutbox() ?? [];
  if (waiting.length === 0) return null;
  const stuck = waiting.filter((entry) => entry.problem !== undefined).length;
  return (
    <span role="status" className="bg-slab px-1 text-inverse">
      {stuck > 0 ? `${String(stuck)} refused` : `${String(waiting.length)} waiting`}
    </span>
  );
}
