import type { NewReading } from '@bent-pail/contract';
import { Dexie, type EntityTable } from 'dexie';

/** A reading that the server has not kept yet, in the order in which it was typed. */
export interface OutboxEntry {
  readonly place?: number;
  readonly runId: string;
  readonly reading: NewReading;
  /** The server's sentence, where it would not keep the reading: it stays in sight and is not sent again by itself. */
  readonly problem?: string;
  /** It waits only because nobody was signed in; signing in sends it again. */
  readonly signedOut?: true;
}

export type OutboxDatabase = Dexie & { readonly entries: EntityTable<OutboxEntry & { place: number }, 'place'> };

const opened = new Map<string, OutboxDatabase>();

/** The queue of one person in this browser. */
export function outboxOf(userId: string): OutboxDatabase {
  const known = opened.get(userId);
  if (known !== undefined) return known;
  const database = new Dexie(`bent-pail-outbox-${userId}`) as OutboxDatabase;
  database.version(1).stores({ entries: '++place, runId, reading.id' });
  opened.set(userId, database);
  return database;
}

/** Takes what was said of an entry off it, so that it is sent again. */
export function sendAgain(entry: OutboxEntry): void {
  const open = entry as { problem?: string; signedOut?: true };
  delete open.problem;
  delete open.signedOut;
}
