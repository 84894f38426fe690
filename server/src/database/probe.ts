import type { DataSource } from 'typeorm';

/** Enough to need room on the disk, little enough to be nothing. */
const PROBE = `create temporary table disk_probe on commit drop as select repeat('x', 8000) as row from generate_series(1, 32)`;

/** Throws where PostgreSQL does not answer. */
export async function answers(db: DataSource): Promise<void> {
  await db.query('select 1');
}

/** Throws where PostgreSQL cannot write. */
export async function writes(db: DataSource): Promise<void> {
  await db.transaction((manager) => manager.query(PROBE));
}
