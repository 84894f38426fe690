import { existsSync } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import pg from 'pg';
import { MIGRATIONS } from '../database/migrations';
import { contentsOf, differing } from './contents';
import { DUMP, MANIFEST, readManifest, sha256Of, type Manifest } from './manifest';
import { undump, unpack } from './programs';
import { BackupTrouble } from './trouble';

/** Opens a backup in a folder of its own for as long as it is looked at. */
async function opened<T>(file: string, work: (folder: string) => Promise<T>): Promise<T> {
  if (!existsSync(file)) throw new BackupTrouble(`There is no file ${file}.`);
  const folder = await mkdtemp(path.join(tmpdir(), 'bent-pail-restore-'));
  try {
    return await work(folder);
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}

/** What a backup says of itself. */
export const lookInto = (file: string): Promise<Manifest> =>
  opened(file, async (folder) => {
    await unpack(file, folder, [MANIFEST]);
    return readManifest(path.join(folder, MANIFEST));
  });

function requireKnown({ migrations, version }: Manifest): void {
  const known = new Set(MIGRATIONS.map(({ name }) => name));
  if (!migrations.every((name) => known.has(name)))
    throw new BackupTrouble(`This backup was made by a newer Bent Pail (${version}); restore it with that version.`);
}

async function withClient<T>(url: string, work: (client: pg.Client) => Promise<T>): Promise<T> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    return await work(client);
  } finally {
    await client.end();
  }
}

async function requireEmpty(client: pg.Client): Promise<void> {
  const { rows } = await client.query(`select 1 from pg_tables where schemaname = 'public' limit 1`);
  if (rows.length > 0)
    throw new BackupTrouble('This database holds tables already; a backup is restored into an empty one only.');
}

/**
 * Brings a backup into an empty database and compares every table with what the backup says it holds. Nothing is
 * restored from a file that is damaged, cut off or of a newer version.
 */
export const restoreBackup = (file: string, url: string): Promise<Manifest> =>
  opened(file, async (folder) => {
    await unpack(file, folder, [MANIFEST, DUMP]);
    const manifest = await readManifest(path.join(folder, MANIFEST));
    requireKnown(manifest);
    const dumpFile = path.join(folder, DUMP);
    if ((await sha256Of(dumpFile)) !== manifest.dumpSha256)
      throw new BackupTrouble(`${file} is damaged: its content is not what it was when it was made.`);
    await withClient(url, requireEmpty);
    await undump(url, dumpFile);
    const other = differing(await withClient(url, contentsOf), manifest.contents);
    if (other.length > 0) throw new BackupTrouble(`After restoring, ${other.join(', ')} differ from the backup.`);
    return manifest;
  });
