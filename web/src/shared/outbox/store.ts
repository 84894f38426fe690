import type { NewGroupReading, NewGuess, NewPotEntry, NewReading, NewTrialReading } from '@bent-pail/contract';
import { Dexie, type EntityTable } from 'dexie';

interface Queued {
  readonly place?: number;
  /** The server's sentence, where it would not keep it: it stays in sight and is not sent again by itself. */
  readonly problem?: string;
  /** It waits only because nobody was signed in; signing in sends it again. */
  readonly signedOut?: true;
}

/** A reading of a run that the server has not kept yet. */
export interface QueuedReading extends Queued {
  readonly runId: string;
  readonly reading: NewReading;
}

/** A line of a pot's diary that it has not. */
export interface QueuedLine extends Queued {
  readonly potId: string;
  readonly line: NewPotEntry;
}

/** A cell of a day's readings of a trial that it has not. */
export interface QueuedTrialReading extends Queued {
  readonly trialId: string;
  readonly trialReading: NewTrialReading;
}

/** What a class's group guessed or read; its queue is the group's own. */
export interface QueuedGuess extends Queued {
  readonly guess: NewGuess;
}
export interface QueuedGroupReading extends Queued {
  readonly groupReading: NewGroupReading;
}

/** What was typed and is not kept yet, in the order in which it was typed. */
export type OutboxEntry = QueuedReading | QueuedLine | QueuedTrialReading | QueuedGuess | QueuedGroupReading;

export const isReading = <T extends OutboxEntry>(entry: T): entry is T & QueuedReading => 'reading' in entry;
export const isLine = <T extends OutboxEntry>(entry: T): entry is T & QueuedLine => 'line' in entry;
export const isTrialReading = <T extends OutboxEntry>(entry: T): entry is T & QueuedTrialReading =>
  'trialReading' in entry;

export type OutboxDatabase = Dexie & {
  readonly entries: EntityTable<OutboxEntry & { place: number }, 'place', OutboxEntry>;
};

const opened = new Map<string, OutboxDatabase>();

/** The queue of one person in this browser. */
export function outboxOf(userId: string): OutboxDatabase {
  const known = opened.get(userId);
  if (known !== undefined) return known;
  const database = new Dexie(`bent-pail-outbox-${userId}`) as OutboxDatabase;
  database.version(1).stores({ entries: '++place, runId, reading.id' });
  database.version(2).stores({ entries: '++place, runId, reading.id, potId' });
  database.version(3).stores({ entries: '++place, runId, reading.id, potId, trialId' });
  opened.set(userId, database);
  return database;
}

/** Takes what was said of an entry off it, so that it is sent again. */
export function sendAgain(entry: OutboxEntry): void {
  const open = entry as { problem?: string; signedOut?: true };
  delete open.problem;
  delete open.signedOut;
}
