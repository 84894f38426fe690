import type { DataSource } from 'typeorm';

/** What only one of a notebook's servers does at a time. */
const LOCKS = Object.freeze({ cards: 4311, 'daily backup': 4312 });

/**
 * Does something unless another server does it just now; says whether it was done. The hold is the connection's: a
 * server that is killed lets go of it.
 */
export async function unlessAnother(
  db: DataSource,
  what: keyof typeof LOCKS,
  work: () => Promise<void>,
): Promise<boolean> {
  const runner = db.createQueryRunner();
  try {
    const [row] = (await runner.query('select pg_try_advisory_lock($1) as mine', [LOCKS[what]])) as { mine: boolean }[];
    if (row?.mine !== true) return false;
    try {
      await work();
    } finally {
      await runner.query('select pg_advisory_unlock($1)', [LOCKS[what]]);
    }
    return true;
  } finally {
    await runner.release();
  }
}
