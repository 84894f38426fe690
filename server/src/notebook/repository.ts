import type { EntityManager } from 'typeorm';
import { NOTEBOOK_ID, NotebookRow } from './entities';

/** The notebook's own row, where it was opened before. */
export const knownNotebook = (manager: EntityManager): Promise<NotebookRow | null> =>
  manager.findOneBy(NotebookRow, { id: NOTEBOOK_ID });

export const notebookRow = (manager: EntityManager): Promise<NotebookRow> =>
  manager.findOneByOrFail(NotebookRow, { id: NOTEBOOK_ID });

export async function insertNotebook(manager: EntityManager, row: Omit<NotebookRow, 'id'>): Promise<void> {
  await manager.insert(NotebookRow, { id: NOTEBOOK_ID, ...row });
}

export async function changeNotebook(
  manager: EntityManager,
  change: Partial<Pick<NotebookRow, 'place' | 'currency' | 'zone' | 'measures' | 'hours'>>,
): Promise<void> {
  if (Object.keys(change).length === 0) return;
  await manager.update(NotebookRow, { id: NOTEBOOK_ID }, change);
  await manager.increment(NotebookRow, { id: NOTEBOOK_ID }, 'version', 1);
}

/** The notebook's own row, held until the transaction ends. */
export const heldNotebook = (manager: EntityManager): Promise<NotebookRow> =>
  manager.findOneOrFail(NotebookRow, { where: { id: NOTEBOOK_ID }, lock: { mode: 'pessimistic_write' } });

/** Two people may weigh two things at once: each adds its own. */
export async function addHandful(manager: EntityManager, classId: string, g: number): Promise<void> {
  await manager.query(
    'update notebook set handfuls = handfuls || jsonb_build_object($2::text, $3::float8) where id = $1',
    [NOTEBOOK_ID, classId, g],
  );
}
