import { v7 as uuidv7 } from 'uuid';
import { Unreachable } from './api';

/** Ids of what was sent and not answered, by what was said. */
const unanswered = new Map<string, string[]>();

/**
 * Sends something that gets ids of its own, in the order in which they are asked for. Where nobody answers, the same
 * thing sent again has the same ids, so that the server keeps it once; any answer ends that.
 */
export async function once<T>(said: unknown, send: (id: () => string) => Promise<T>): Promise<T> {
  const key = JSON.stringify(said);
  const ids = unanswered.get(key) ?? [];
  unanswered.set(key, ids);
  let next = 0;
  const id = (): string => {
    const known = ids[next] ?? uuidv7();
    ids[next] = known;
    next += 1;
    return known;
  };
  try {
    const answer = await send(id);
    unanswered.delete(key);
    return answer;
  } catch (error) {
    if (!(error instanceof Unreachable)) unanswered.delete(key);
    throw error;
  }
}
