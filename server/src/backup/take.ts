import { existsSync } from 'node:fs';
import { mkdir, mkdtemp, open, rename, rm, writeFile } from 'node:fs/promises';
import path from 'node:path';
import type pg from 'pg';
import packageJson from '../../package.json' with { type: 'json' };
import { SteadyClient } from '../database/steadyClient';
import { contentsOf } from './contents';
import { DUMP, MANIFEST, sha256Of, type Manifest } from './manifest';
import { dump, pack } from './programs';
import { BackupTrouble } from './trouble';

/** Asks whether anybody ever wrote into a database: it may be a notebook's, or still empty. */
export async function holdsNotebook(client: pg.ClientBase): Promise<boolean> {
  const { rows } = await client.query<{ there: boolean }>(`select to_regclass('public.users') is not null as there`);
  if (rows[0]?.there !== true) return false;
  const { rows: people } = await client.query('select 1 from users limit 1');
  return people.length > 0;
}

async function described(client: pg.ClientBase, dumpSha256: string): Promise<Manifest> {
  const { rows: notebooks } = await client.query<{ place: string; demo: boolean }>('select place, demo from notebook');
  const { rows: seen } = await client.query<{ name: string }>('select name from migrations order by id');
  const { place, demo } = notebooks[0] ?? { place: '', demo: false };
  return {
    format: 1,
    version: packageJson.version,
    madeAt: new Date().toISOString(),
    place,
    demo,
    migrations: seen.map(({ name }) => name),
    dumpSha256,
    contents: await contentsOf(client),
  };
}

/**
 * Writes a notebook into one file: a dump of everything, photos too, with a manifest of what is in it. The notebook may
 * be in use meanwhile; the file shows one moment of it, and stands there whole or not at all.
 */
export async function takeBackup(url: string, file: string): Promise<Manifest> {
  if (existsSync(file)) throw new BackupTrouble(`${file} is there already; choose another name.`);
  await mkdir(path.dirname(file), { recursive: true });
  const folder = await mkdtemp(`${file}.`);
  const client = new SteadyClient({ connectionString: url });
  try {
    await client.connect();
    await client.query('begin isolation level repeatable read');
    if (!(await holdsNotebook(client))) throw new BackupTrouble('There is nothing in this notebook yet.');
    const { rows } = await client.query<{ id: string }>('select pg_export_snapshot() as id');
    await dump(url, rows[0]?.id ?? '', path.join(folder, DUMP));
    const manifest = await described(client, await sha256Of(path.join(folder, DUMP)));
    await writeFile(path.join(folder, MANIFEST), JSON.stringify(manifest, null, 2));
    const packed = path.join(folder, 'packed');
    await pack(packed, folder, [MANIFEST, DUMP]);
    const handle = await open(packed, 'r+');
    await handle.sync();
    await handle.close();
    await rename(packed, file);
    return manifest;
  } finally {
    await client.end();
    await rm(folder, { recursive: true, force: true });
  }
}
