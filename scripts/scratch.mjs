// A database for a while: in a temporary folder, gone afterwards.
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { cluster } from './postgres.mjs';

/** A folder of data that PostgreSQL’s own user may enter, and how it is thrown away. */
export function scratchFolder() {
  const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'bent-pail-scratch-'));
  fs.chmodSync(folder, 0o755);
  return { folder, remove: () => fs.rmSync(folder, { recursive: true, force: true }) };
}

/** A database in such a folder: as `cluster`, and `remove`, which stops it and throws it away. */
export function scratchCluster() {
  const { folder, remove } = scratchFolder();
  const own = cluster(folder, 'scratch');
  return {
    ...own,
    remove: async () => {
      await own.stop();
      remove();
    },
  };
}
