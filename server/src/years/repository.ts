import { IsNull, type EntityManager } from 'typeorm';
import { ClosedYearEntity } from './entities';

/** Every year that was closed, also those that are open again; the oldest first. */
export const allYears = (manager: EntityManager): Promise<ClosedYearEntity[]> =>
  manager.find(ClosedYearEntity, { order: { closedAt: 'ASC', id: 'ASC' } });

export const yearOf = (manager: EntityManager, id: string): Promise<ClosedYearEntity | null> =>
  manager.findOne(ClosedYearEntity, { where: { id }, lock: { mode: 'pessimistic_write' } });

/** The closed year that a moment lies in; null where it lies in none. */
export async function closedYearAt(manager: EntityManager, at: Date): Promise<ClosedYearEntity | null> {
  const closed = await manager.find(ClosedYearEntity, { where: { openedAt: IsNull() }, order: { closedAt: 'ASC' } });
  return closed.find(({ closedAt }) => at <= closedAt) ?? null;
}

export async function insertYear(manager: EntityManager, year: ClosedYearEntity): Promise<void> {
  await manager.insert(ClosedYearEntity, year);
}

export async function openYearRow(
  manager: EntityManager,
  id: string,
  opened: Pick<ClosedYearEntity, 'openedAt' | 'openedBy' | 'openedBecause'>,
): Promise<void> {
  await manager.update(ClosedYearEntity, { id }, opened);
}

/** Runs that were finished after one moment and until another. */
export async function countFinished(manager: EntityManager, from: Date | null, until: Date): Promise<number> {
  const [row] = await manager.query<{ n: number }[]>(
    `select count(*)::int as n from runs
     where finished_at <= $2 and archived_at is null and ($1::timestamptz is null or finished_at > $1)`,
    [from, until],
  );
  return row?.n ?? 0;
}

const EMPTIED = `archived_at is null and exists (
  select from pot_entries e where e.pot_id = filled_pots.id and e.kind = 'emptied')`;

export async function countEmptied(manager: EntityManager): Promise<number> {
  const [row] = await manager.query<{ n: number }[]>(`select count(*)::int as n from filled_pots where ${EMPTIED}`);
  return row?.n ?? 0;
}

/** Puts the diaries of emptied pots away. */
export async function putEmptiedAway(manager: EntityManager, at: Date): Promise<void> {
  await manager.query(`update filled_pots set archived_at = $1 where ${EMPTIED}`, [at]);
}
