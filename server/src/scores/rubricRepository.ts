import type { EntityManager } from 'typeorm';
import { RubricEntity } from './entities';

/** The newest version of every rubric. */
export const newestRubrics = (manager: EntityManager): Promise<RubricEntity[]> =>
  manager
    .createQueryBuilder(RubricEntity, 'rubric')
    .distinctOn(['rubric.key'])
    .orderBy('rubric.key')
    .addOrderBy('rubric.version', 'DESC')
    .getMany();

export const newestRubric = (manager: EntityManager, key: string): Promise<RubricEntity | null> =>
  manager.findOne(RubricEntity, { where: { key }, order: { version: 'DESC' } });

/** How many cards were made with any version of each rubric. */
export async function cardsByRubric(manager: EntityManager): Promise<ReadonlyMap<string, number>> {
  const rows = await manager.query<{ key: string; n: number }[]>(
    'select rubric_key as key, count(*)::int as n from scorecards group by rubric_key',
  );
  return new Map(rows.map(({ key, n }) => [key, n]));
}

/** Holds a rubric until the transaction ends: two versions cannot have one number. */
export async function holdRubric(manager: EntityManager, key: string): Promise<void> {
  await manager.query("select pg_advisory_xact_lock(hashtext('rubric ' || $1))", [key]);
}

export async function addRubric(manager: EntityManager, rubric: RubricEntity): Promise<void> {
  await manager.insert(RubricEntity, rubric);
}
