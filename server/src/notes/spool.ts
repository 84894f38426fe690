import { createHash, randomUUID } from 'node:crypto';
import { open, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { Transform, type Readable } from 'node:stream';
import { HttpProblem, refused } from '../http/problems';
import { takeBody } from '../http/takeBody';
import { FIRST_BYTES, mostPixelsOf } from './pictureLimits';

/** A photo as it was sent, in a file for as long as it is looked at. */
export interface SentPhoto {
  readonly file: string;
  readonly sha256: string;
  readonly mostPixels: number;
}

export const notAPhoto = (): HttpProblem =>
  refused('photo', 'This file is not a photo that can be read; take a JPEG, PNG or WebP.');

export const tooLarge = (): HttpProblem =>
  new HttpProblem(413, { code: 'too-large', message: 'This is more than can be sent at once.' });

/**
 * Writes what comes in to a file, so that many large photos at once take no memory, and hands it on; the file is gone
 * afterwards. Refuses what does not begin as a photo before the rest of it is read, and what is larger than `most`.
 */
export async function spooled<T>(body: Readable, most: number, work: (photo: SentPhoto) => Promise<T>): Promise<T> {
  const file = path.join(tmpdir(), `bent-pail-photo-${randomUUID()}`);
  const hash = createHash('sha256');
  let first = Buffer.alloc(0);
  let size = 0;
  const check = new Transform({
    transform: (part: Buffer, _encoding, done) => {
      size += part.length;
      hash.update(part);
      const knew = first.length >= FIRST_BYTES;
      if (!knew) first = Buffer.concat([first, part.subarray(0, FIRST_BYTES)]);
      if (size > most) done(tooLarge());
      else if (!knew && first.length >= FIRST_BYTES && mostPixelsOf(first) === undefined) done(notAPhoto());
      else done(null, part);
    },
  });
  try {
    // Opened before anything can be refused: a stream that is given up would make its file after it was taken away.
    const sink = await open(file, 'wx');
    await takeBody(body, check, sink.createWriteStream());
    const mostPixels = mostPixelsOf(first);
    if (mostPixels === undefined) throw notAPhoto();
    return await work({ file, sha256: hash.digest('hex'), mostPixels });
  } finally {
    await rm(file, { force: true });
  }
}
