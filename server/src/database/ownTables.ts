import type { DataSource } from 'typeorm';
import { HttpProblem } from '../http/problems';
import { MIGRATIONS } from './migrations';
import { seenMigrations } from './refuseToOpen';

/** Throws where a newer version has brought the tables up to date under a server that goes on: it has to be replaced. */
export async function requireOwnTables(db: DataSource): Promise<void> {
  const seen = await seenMigrations(db);
  if (seen.length === MIGRATIONS.length) return;
  throw new HttpProblem(503, {
    code: 'other-version',
    message:
      'Another version of Bent Pail has changed this notebook’s tables; this server must be started anew with it.',
  });
}
