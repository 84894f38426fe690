import { IsNull, type EntityManager } from 'typeorm';
import { PotResultEntity } from './entities';

/** Kept ones in the list, the newest. */
const LISTED = 50;

export const keptResults = (manager: EntityManager): Promise<PotResultEntity[]> =>
  manager.find(PotResultEntity, {
    where: { archivedAt: IsNull() },
    order: { keptAt: 'DESC', id: 'DESC' },
    take: LISTED,
  });

export async function insertResult(manager: EntityManager, result: PotResultEntity): Promise<void> {
  await manager.insert(PotResultEntity, result);
}

/** Whether there was such a one. */
export async function putResultAway(manager: EntityManager, id: string, archivedAt: Date | null): Promise<boolean> {
  return (await manager.update(PotResultEntity, { id }, { archivedAt })).affected === 1;
}
