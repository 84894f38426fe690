import { randomUUID } from 'node:crypto';
import { createReadStream, createWriteStream } from 'node:fs';
import { open, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { Transform, type Readable } from 'node:stream';
import type { DataSource } from 'typeorm';
import { notFound, refused } from '../http/problems';
import { takeBody } from '../http/takeBody';
import { tooLarge } from '../notes/spool';
import { clearWaiting, keepWaiting, PART_BYTES, takeWaiting } from './waitingRepository';

/** The largest file that is taken. */
const MOST_BYTES = 4 * 1024 ** 3;

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i;

/** The id that a file waits under. */
export function requireId(id: string): string {
  if (!UUID.test(id)) throw refused('id', 'The id must be a UUID.');
  return id.toLowerCase();
}

/** Works on a file that is gone afterwards. */
async function aside<T>(work: (file: string) => Promise<T>): Promise<T> {
  const file = path.join(tmpdir(), `bent-pail-incoming-${randomUUID()}`);
  try {
    return await work(file);
  } finally {
    await rm(file, { force: true });
  }
}

/** Looks at what comes in; where that can be read it waits under an id, for every server of the notebook. */
export function received<T>(
  db: DataSource,
  { id, body }: { readonly id: string; readonly body: Readable },
  look: (file: string) => Promise<T>,
): Promise<T> {
  let size = 0;
  const check = new Transform({
    transform: (chunk: Buffer, _encoding, done) => {
      size += chunk.length;
      if (size > MOST_BYTES) done(tooLarge());
      else done(null, chunk);
    },
  });
  return aside(async (file) => {
    await takeBody(body, check, createWriteStream(file, { flags: 'wx', mode: 0o600 }));
    const seen = await look(file);
    await clearWaiting(db);
    await keepWaiting(db, id, createReadStream(file, { highWaterMark: PART_BYTES }));
    return seen;
  });
}

/** Works on a file that waits under an id. */
export function waiting<T>(db: DataSource, id: string, work: (file: string) => Promise<T>): Promise<T> {
  return aside(async (file) => {
    const copy = await open(file, 'wx', 0o600);
    try {
      const parts = await takeWaiting(db, id, (bytes) => copy.writeFile(bytes));
      if (parts === 0) throw notFound('file');
    } finally {
      await copy.close();
    }
    return work(file);
  });
}
