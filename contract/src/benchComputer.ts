import type { BackupRow } from './backups';

/** A kind of request that took long. */
export interface SlowRequest {
  /** As the server lists it: method and address. */
  readonly route: string;
  readonly longest_ms: number;
  /** When the longest was. */
  readonly at: string;
  /** How many took longer than what a person notices. */
  readonly times: number;
}

/** Something that went wrong on the server, in plain words. */
export interface ServerTrouble {
  readonly words: string;
  /** The request in which it happened, where it was in one: method and address. */
  readonly route?: string;
  /** The last time, and how often since the server began. */
  readonly at: string;
  readonly times: number;
  /** By which it is found in the server's log. */
  readonly requestId?: string;
}

/** What somebody's browser said it holds and has not been able to send. */
export interface WaitingSaid {
  readonly name: string;
  readonly readings: number;
  readonly at: string;
}

/** How the computer is on which the notebook runs. */
export interface BenchComputer {
  readonly version: string;
  /** When this server began. */
  readonly since: string;
  /** Servers that work on this notebook just now, this one among them. */
  readonly servers: number;
  readonly postgres: string;
  readonly notebook_bytes: number;
  /** Of the disk on which the notebook is, or its backups where the notebook is elsewhere. */
  readonly disk?: { readonly free_bytes: number; readonly total_bytes: number };
  /** What this server holds of the memory. */
  readonly memory_bytes: number;
  readonly lastBackup?: BackupRow;
  /** Cards that do not follow yet. */
  readonly cardsWaiting: number;
  readonly waiting: readonly WaitingSaid[];
  readonly slowest: readonly SlowRequest[];
  readonly troubles: readonly ServerTrouble[];
}
