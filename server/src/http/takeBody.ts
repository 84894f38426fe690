import type { Readable, Transform, Writable } from 'node:stream';
import { pipeline } from 'node:stream/promises';

/**
 * Writes what a request brings through a check to where it is kept. Where the check refuses, the rest of the request is
 * let run out instead of being cut off: whoever sends it is still sending, and would see a dead line and no sentence.
 */
export async function takeBody(body: Readable, check: Transform, sink: Writable): Promise<void> {
  const gone = (): void => {
    if (!body.readableEnded) check.destroy(new Error('whoever sent this has gone'));
  };
  body.once('close', gone);
  body.pipe(check);
  try {
    await pipeline(check, sink);
  } catch (error) {
    body.unpipe(check);
    body.resume();
    throw error;
  } finally {
    body.off('close', gone);
  }
}
