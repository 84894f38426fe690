import { liveQuery } from 'dexie';
import { useEffect, useState } from 'react';
import { useMe } from '../useSession';
import { outboxOf, type OutboxEntry } from './store';

export type Waiting = OutboxEntry & { readonly place: number };

/** What waits for the server, of one run or of all; changes as readings are typed and kept, in any tab. */
export function useOutbox(runId?: string): readonly Waiting[] {
  const { id } = useMe();
  const [entries, setEntries] = useState<readonly Waiting[]>([]);
  useEffect(() => {
    const database = outboxOf(id);
    const subscription = liveQuery(() =>
      runId === undefined
        ? database.entries.orderBy('place').toArray()
        : database.entries.where('runId').equals(runId).sortBy('place'),
    ).subscribe((found) => {
      setEntries(found);
    });
    return () => {
      subscription.unsubscribe();
    };
  }, [id, runId]);
  return entries;
}
