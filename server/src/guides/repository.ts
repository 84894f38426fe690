import type { EntityManager } from 'typeorm';
import { GuideEntity, type GuideKind } from './entities';

export const guidesOf = (manager: EntityManager, kind: GuideKind): Promise<GuideEntity[]> =>
  manager.find(GuideEntity, { where: { kind }, order: { keptAt: 'asc' } });

export const guideOf = (manager: EntityManager, id: string): Promise<GuideEntity | null> =>
  manager.findOneBy(GuideEntity, { id });

/** Holds an id until the transaction ends, whether anything is kept under it or not. */
export async function holdGuide(manager: EntityManager, id: string): Promise<void> {
  await manager.query('select pg_advisory_xact_lock(hashtext($1))', [id]);
}

export async function saveGuide(manager: EntityManager, guide: GuideEntity): Promise<void> {
  await manager.save(GuideEntity, guide);
}

export async function deleteGuide(manager: EntityManager, id: string): Promise<void> {
  await manager.delete(GuideEntity, { id });
}
