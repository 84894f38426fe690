import type { DataSource } from 'typeorm';

/** Tables that are emptied for a fresh demo; whatever rests on them goes along. */
const EMPTIED = [
  'notebook',
  'users',
  'session',
  'rate_hits',
  'materials',
  'lots',
  'vessels',
  'instruments',
  'runs',
  'blends',
  'suppliers',
  'sittings',
  'scorecards',
  'places',
  'kept_once',
  'waiting_files',
];

/** Empties everything that the demo wrote; only ever on a database with the demo flag. */
export async function emptyDemo(db: DataSource): Promise<void> {
  await db.query(`truncate ${EMPTIED.join(', ')} restart identity cascade`);
  await db.query('update learnt set wanted = wanted + 1, body = null');
}
