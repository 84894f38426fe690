import type { KeptReading } from '@bent-pail/contract';
import { liveQuery } from 'dexie';
import { api, ApiProblem } from '../api';
import { showKept } from './showKept';
import { outboxOf, type OutboxDatabase, type OutboxEntry } from './store';

/** Pause before an unanswered reading is sent again, ms; it grows to the longest. */
const PAUSE = Object.freeze({ first: 500, longest: 5000 });

/** Answers after which a reading waits in sight for a person, instead of being sent again. */
const NEEDS_A_PERSON = new Set([401, 403, 404, 409, 413, 422]);

/** Sends one reading: kept and gone from the queue, or marked with the server's sentence. Throws if nobody answered. */
async function sendOne(database: OutboxDatabase, entry: OutboxEntry & { place: number }): Promise<void> {
  try {
    const kept = await api.post<KeptReading>(`/runs/${entry.runId}/readings`, entry.reading);
    showKept(entry.runId, kept);
    await database.entries.delete(entry.place);
  } catch (error) {
    if (error instanceof ApiProblem && NEEDS_A_PERSON.has(error.status)) {
      await database.entries.update(entry.place, { problem: error.message });
      return;
    }
    throw error;
  }
}

async function sendAll(database: OutboxDatabase, stopped: () => boolean): Promise<void> {
  let pause: number = PAUSE.first;
  while (!stopped()) {
    const entry = await database.entries
      .orderBy('place')
      .filter((one) => one.problem === undefined)
      .first();
    if (entry === undefined) return;
    try {
      await sendOne(database, entry);
      pause = PAUSE.first;
    } catch {
      // The reading stays where it is; the same id makes sending it again harmless.
      await new Promise((resolve) => setTimeout(resolve, pause));
      pause = Math.min(2 * pause, PAUSE.longest);
    }
  }
}

/** Starts the one sender of this person's queue in this browser; other tabs wait for the lock. Returns how to stop it. */
export function startOutbox(userId: string): () => void {
  const database = outboxOf(userId);
  let stopped = false;
  let wake: () => void = () => undefined;
  const isStopped = (): boolean => stopped;
  const watching = liveQuery(() => database.entries.count()).subscribe(() => {
    wake();
  });
  void navigator.locks.request(`bent-pail-outbox-${userId}`, async () => {
    while (!isStopped()) {
      const woken = new Promise<void>((resolve) => {
        wake = resolve;
      });
      await sendAll(database, isStopped);
      if (isStopped()) return;
      await woken;
    }
  });
  return () => {
    stopped = true;
    watching.unsubscribe();
    wake();
  };
}
