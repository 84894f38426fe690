import type { Client } from './testServer';

/** Reads a stream until a line is in it; fails when the stream ends without. */
export async function hears(client: Client, wanted: string, meanwhile: () => Promise<unknown>): Promise<boolean> {
  const stop = new AbortController();
  const stream = await client.stream('/live', stop.signal);
  const reader = stream.getReader();
  const decoder = new TextDecoder();
  let heard = '';
  // The first line says that the stream is open; only then does something change.
  while (!heard.includes('data: all')) heard += decoder.decode((await reader.read()).value);
  await meanwhile();
  const timer = setTimeout(() => {
    stop.abort();
  }, 1500);
  try {
    while (!heard.includes(wanted)) {
      const { value, done } = await reader.read();
      if (done) return false;
      heard += decoder.decode(value);
    }
    return true;
  } catch {
    return false;
  } finally {
    clearTimeout(timer);
    stop.abort();
  }
}
