import { createHash } from 'node:crypto';
import type { ClientRateLimitInfo, Options, Store } from 'express-rate-limit';
import type { DataSource } from 'typeorm';
import { databaseIsGone } from './problems';
import { countHit, forgetHits, uncountHit } from './hitRepository';

/**
 * Tries counted in the notebook's database, so that all servers on it count together. What is counted is kept as a
 * hash: a name that was typed may be a password that went into the wrong field.
 */
export class SharedHits implements Store {
  readonly localKeys = false;
  private window_ms = 60_000;

  constructor(
    private readonly db: DataSource,
    /** What is limited: each limit counts for itself. */
    private readonly what: string,
  ) {}

  init({ windowMs }: Options): void {
    this.window_ms = windowMs;
  }

  async increment(key: string): Promise<ClientRateLimitInfo> {
    const { hits, resetsAt } = await countHit(this.db, this.named(key), this.window_ms);
    return { totalHits: hits, resetTime: resetsAt };
  }

  /** Comes after the answer: where the database is away by then, the try stays counted until its time is over. */
  async decrement(key: string): Promise<void> {
    await uncountHit(this.db, this.named(key)).catch((error: unknown) => {
      if (!databaseIsGone(error)) throw error;
    });
  }

  resetKey(key: string): Promise<void> {
    return forgetHits(this.db, this.named(key));
  }

  private named(key: string): string {
    return createHash('sha256').update(`${this.what} ${key}`).digest('base64url');
  }
}
