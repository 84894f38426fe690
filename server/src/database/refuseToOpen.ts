import { PROTOCOLS, RUBRICS, sameContent } from '@bent-pail/core';
import type { DataSource } from 'typeorm';
import { DatabaseRefused } from './databaseRefused';
import { MIGRATIONS } from './migrations';

async function isThere(db: DataSource, table: string): Promise<boolean> {
  const [row] = await db.query<{ there: boolean }[]>('select to_regclass($1) is not null as there', [
    `public.${table}`,
  ]);
  return row?.there === true;
}

/** Migrations that a database has seen; none where it is empty. */
export async function seenMigrations(db: DataSource): Promise<readonly string[]> {
  if (!(await isThere(db, 'migrations'))) return [];
  return (await db.query<{ name: string }[]>('select name from migrations order by id')).map(({ name }) => name);
}

/** A notebook that a newer version has written into is not touched by an older one. */
function refuseNewer(seen: readonly string[]): void {
  const newer = seen.find((name) => !MIGRATIONS.some((known) => known.name === name));
  if (newer !== undefined)
    throw new DatabaseRefused(
      `This notebook was last opened by a newer Bent Pail (it has seen ${newer}). Nothing was changed. Start the newer version, or restore a backup of before it.`,
    );
}

interface Shipped {
  readonly key: string;
  readonly version: number;
}

/** A protocol or rubric that ships under a version which the notebook knows with other content. */
async function refuseChanged(
  db: DataSource,
  table: 'protocols' | 'rubrics',
  shipped: readonly Shipped[],
): Promise<void> {
  if (!(await isThere(db, table))) return;
  const rows = await db.query<(Shipped & { body: object })[]>(`select key, version, body from ${table}`);
  const changed = shipped.find((one) =>
    rows.some((row) => row.key === one.key && row.version === one.version && !sameContent(row.body, one)),
  );
  if (changed !== undefined)
    throw new DatabaseRefused(
      `${changed.key} ${String(changed.version)} differs from the one in this notebook, which must not be. Nothing was changed. Start the version that this notebook was last opened with.`,
    );
}

/** A replica, or one that was set to be only read: nothing could be kept in it. */
async function refuseReadOnly(db: DataSource): Promise<void> {
  const [row] = await db.query<{ only: string }[]>(`select current_setting('transaction_read_only') as only`);
  if (row?.only === 'on')
    throw new DatabaseRefused(
      'This database can only be read, as a replica can. Point DATABASE_URL at the one that is written to.',
    );
}

/** Everything that speaks against opening a notebook with this version, asked before anything is changed. */
export async function refuseToOpen(db: DataSource): Promise<void> {
  await refuseReadOnly(db);
  refuseNewer(await seenMigrations(db));
  await refuseChanged(db, 'protocols', PROTOCOLS);
  await refuseChanged(db, 'rubrics', RUBRICS);
}
