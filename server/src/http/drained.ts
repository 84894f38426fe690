import { once } from 'node:events';
import type { Response } from 'express';

/** Waits until a reader who is slow takes more, or has gone; nobody listens on after that. */
export async function drained(response: Response): Promise<void> {
  const listening = new AbortController();
  const { signal } = listening;
  try {
    await Promise.race([once(response, 'drain', { signal }), once(response, 'close', { signal })]);
  } finally {
    listening.abort();
  }
}
