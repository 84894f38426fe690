import { randomUUID } from 'node:crypto';
import { createWriteStream, existsSync } from 'node:fs';
import { mkdir, readdir, rename, rm, stat } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { Transform, type Readable } from 'node:stream';
import { notFound, refused } from '../http/problems';
import { takeBody } from '../http/takeBody';
import { tooLarge } from '../notes/spool';

/** A file that was looked at waits so long for what is to be done with it. */
const WAITS_MS = 3600_000;
/** The largest file that is taken. */
const MOST_BYTES = 4 * 1024 ** 3;

const FOLDER = path.join(tmpdir(), 'bent-pail-incoming');
const placeOf = (id: string): string => path.join(FOLDER, id);

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i;

/** The id that a file waits under. */
export function requireId(id: string): string {
  if (!UUID.test(id)) throw refused('id', 'The id must be a UUID.');
  return id.toLowerCase();
}

/** Files that nobody came back for. */
async function clear(now: number): Promise<void> {
  for (const name of await readdir(FOLDER)) {
    const found = await stat(placeOf(name)).catch(() => undefined);
    if (found !== undefined && now - found.mtimeMs > WAITS_MS) await rm(placeOf(name), { force: true });
  }
}

/** Writes what comes in to a file that waits under an id, and returns where it is. */
export async function receive(id: string, body: Readable): Promise<string> {
  await mkdir(FOLDER, { recursive: true, mode: 0o700 });
  await clear(Date.now());
  const part = placeOf(`${id}.${randomUUID()}`);
  let size = 0;
  const check = new Transform({
    transform: (chunk: Buffer, _encoding, done) => {
      size += chunk.length;
      if (size > MOST_BYTES) done(tooLarge());
      else done(null, chunk);
    },
  });
  try {
    await takeBody(body, check, createWriteStream(part, { flags: 'wx', mode: 0o600 }));
    await rename(part, placeOf(id));
    return placeOf(id);
  } finally {
    await rm(part, { force: true });
  }
}

/** Where a file waits that was looked at. */
export function waiting(id: string): string {
  const file = placeOf(id);
  if (!existsSync(file)) throw notFound('file');
  return file;
}

export const letGo = (id: string): Promise<void> => rm(placeOf(id), { force: true });
