import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { pipeline } from 'node:stream/promises';
import type { Contents } from './contents';
import { BackupTrouble } from './trouble';

/** What a backup says of itself, beside the dump. */
export interface Manifest {
  /** Of this kind of file; another number is read by another program. */
  readonly format: 1;
  readonly version: string;
  readonly madeAt: string;
  readonly place: string;
  readonly demo: boolean;
  /** Migrations that the notebook had seen. */
  readonly migrations: readonly string[];
  readonly dumpSha256: string;
  readonly contents: Contents;
}

export const MANIFEST = 'manifest.json';
export const DUMP = 'notebook.dump';

export async function sha256Of(file: string): Promise<string> {
  const hash = createHash('sha256');
  await pipeline(createReadStream(file), hash);
  return hash.digest('hex');
}

export async function readManifest(file: string): Promise<Manifest> {
  const said = JSON.parse(await readFile(file, 'utf8').catch(() => '{}')) as Partial<Manifest>;
  if (said.format !== 1)
    throw new BackupTrouble('This backup is of a kind that this version does not know; take a newer Bent Pail.');
  return said as Manifest;
}
