import { liveQuery } from 'dexie';
import { ApiProblem } from '../api';
import { noticeSignedOut } from '../resources/client';
import { inOneTab } from '../tabs/oneTab';
import { countWaiting } from '../waitingSaid';
import { sendToServer } from './keep';
import { outboxOf, sendAgain, type OutboxDatabase, type OutboxEntry } from './store';

/** Pause before one that was not answered is sent again, ms; it grows to the longest. */
const PAUSE = Object.freeze({ first: 500, longest: 5000 });

/** Answers after which one waits in sight for a person, instead of being sent again. */
const NEEDS_A_PERSON = new Set([401, 403, 404, 409, 413, 422]);

/** Sends one: kept and gone from the queue, or marked with the server's sentence. Throws if nobody answered. */
async function sendOne(database: OutboxDatabase, entry: OutboxEntry & { place: number }): Promise<void> {
  try {
    await sendToServer(entry);
    await database.entries.delete(entry.place);
  } catch (error) {
    if (error instanceof ApiProblem && NEEDS_A_PERSON.has(error.status)) {
      const signedOut = error.status === 401 ? { signedOut: true as const } : {};
      await database.entries.update(entry.place, { problem: error.message, ...signedOut });
      noticeSignedOut(error);
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
      // It stays where it is; the same id makes sending it again harmless.
      await new Promise((resolve) => setTimeout(resolve, pause));
      pause = Math.min(2 * pause, PAUSE.longest);
    }
  }
}

/** What was refused only because nobody was signed in is sent again by itself now that somebody is. */
async function forgiveSignedOut(database: OutboxDatabase): Promise<void> {
  await database.entries.filter((entry) => entry.signedOut === true).modify(sendAgain);
}

/**
 * Starts the one sender of this person's queue in this browser, once the person is signed in; other tabs wait for their
 * turn. Returns how to stop it.
 */
export function startOutbox(userId: string): () => void {
  const database = outboxOf(userId);
  return inOneTab(`bent-pail-outbox-${userId}`, () => {
    const stopped = new AbortController();
    let wake: () => void = () => undefined;
    const watching = liveQuery(() => database.entries.filter((entry) => entry.problem === undefined).count()).subscribe(
      () => {
        wake();
      },
    );
    const counting = liveQuery(() => database.entries.count()).subscribe(countWaiting);
    void (async () => {
      await forgiveSignedOut(database).catch(() => undefined);
      while (!stopped.signal.aborted) {
        const woken = new Promise<void>((resolve) => {
          wake = resolve;
        });
        await sendAll(database, () => stopped.signal.aborted);
        await woken;
      }
    })();
    return () => {
      stopped.abort();
      watching.unsubscribe();
      counting.unsubscribe();
      wake();
    };
  });
}
