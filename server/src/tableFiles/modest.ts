import { Writable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { fromBufferPromise } from 'yauzl';

/** More than this comes out of no table of a bench: a file that is small and grows so far was made to fill memory. */
export const MOST_UNPACKED_BYTES = 150_000_000;

/**
 * Throws where a workbook grows beyond all measure when it is opened. It is unpacked once to nowhere, for what its head
 * says of its sizes may not be so.
 */
export async function requireModest(workbook: Buffer, most: number = MOST_UNPACKED_BYTES): Promise<void> {
  const zip = await fromBufferPromise(workbook, { lazyEntries: true });
  let unpacked = 0;
  for await (const entry of zip.eachEntry()) {
    unpacked += entry.uncompressedSize;
    if (unpacked > most) throw new Error('this workbook grows beyond all measure');
    // Ends with an error where more comes than was said.
    const content = await zip.openReadStreamPromise(entry);
    await pipeline(content, new Writable({ write: (_part, _encoding, done) => done() }));
  }
}
