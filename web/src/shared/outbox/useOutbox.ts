import { liveQuery } from 'dexie';
import { useEffect, useState } from 'react';
import { useMe } from '../useSession';
import { outboxOf, type OutboxEntry } from './store';

export type Waiting = OutboxEntry & { readonly place: number };

/**
 * What waits for the server, of one run or of all; changes as readings are typed and kept, in any tab. Undefined until
 * the browser's store has answered for the first time.
 */
export function useOutbox(runId?: string): readonly Waiting[] | undefined {
  const { id } = useMe();
  const [entries, setEntries] = useState<readonly Waiting[]>();
  useEffect(() => {
    const database = outboxOf(id);
    const subscription = liveQuery(() =>
      runId === undefined
        ? database.entries.orderBy('place').toArray()
        : database.entries.where('runId').equals(runId).sortBy('place'),
    ).subscribe({
      next: setEntries,
      // A browser that keeps nothing has nothing waiting; readings go straight to the server.
      error: () => {
        setEntries([]);
      },
    });
    return () => {
      subscription.unsubscribe();
    };
  }, [id, runId]);
  return entries;
}
