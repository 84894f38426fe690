import { liveQuery } from 'dexie';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { useMe } from '../useSession';
import { queueOfGroup } from './keep';
import {
  isLine,
  isReading,
  isTrialReading,
  outboxOf,
  type OutboxDatabase,
  type OutboxEntry,
  type QueuedLine,
  type QueuedReading,
  type QueuedTrialReading,
} from './store';

type Placed<T> = T & { readonly place: number };
export type Waiting = Placed<OutboxEntry>;
export type WaitingReading = Placed<QueuedReading>;
export type WaitingLine = Placed<QueuedLine>;
export type WaitingTrialReading = Placed<QueuedTrialReading>;

type Ask = (database: OutboxDatabase) => Promise<Waiting[]>;

/** Changes as things are typed and kept, in any tab. Undefined until the browser's store has answered for the first time. */
function useQueue(id: string, ask: Ask): readonly Waiting[] | undefined {
  const [entries, setEntries] = useState<readonly Waiting[]>();
  useEffect(() => {
    const database = outboxOf(id);
    const subscription = liveQuery(() => ask(database)).subscribe({
      next: setEntries,
      // A browser that keeps nothing has nothing waiting; what is typed goes straight to the server.
      error: () => {
        setEntries([]);
      },
    });
    return () => {
      subscription.unsubscribe();
    };
  }, [id, ask]);
  return entries;
}

const NONE: readonly Waiting[] = [];
const everything: Ask = (database) => database.entries.orderBy('place').toArray();

/** All that waits for the server. */
export const useOutbox = (): readonly Waiting[] | undefined => useQueue(useMe().id, everything);

/** All that a class's group typed and the server has not kept yet. */
export const useWaitingOfGroup = (groupId: string): readonly Waiting[] =>
  useQueue(queueOfGroup(groupId), everything) ?? NONE;

/** Readings that wait for the server, of one run or of all. */
export function useWaitingReadings(runId?: string): readonly WaitingReading[] | undefined {
  const ask = useCallback<Ask>(
    (database) =>
      runId === undefined ? everything(database) : database.entries.where('runId').equals(runId).sortBy('place'),
    [runId],
  );
  const waiting = useQueue(useMe().id, ask);
  return useMemo(() => waiting?.filter(isReading), [waiting]);
}

/** Lines of a pot's diary that wait for the server. */
export function useWaitingLines(potId: string): readonly WaitingLine[] {
  const ask = useCallback<Ask>((database) => database.entries.where('potId').equals(potId).sortBy('place'), [potId]);
  const waiting = useQueue(useMe().id, ask);
  return useMemo(() => (waiting ?? []).filter((entry): entry is WaitingLine => isLine(entry)), [waiting]);
}

/** Readings of a trial that wait for the server. */
export function useWaitingTrialReadings(trialId: string): readonly WaitingTrialReading[] {
  const ask = useCallback<Ask>(
    (database) => database.entries.where('trialId').equals(trialId).sortBy('place'),
    [trialId],
  );
  const waiting = useQueue(useMe().id, ask);
  return useMemo(
    () => (waiting ?? []).filter((entry): entry is WaitingTrialReading => isTrialReading(entry)),
    [waiting],
  );
}
