import { IsNull, Not, type EntityManager } from 'typeorm';
import { GuideEntity, type GuideKind } from './entities';

/** Those at hand, or those that were put away. */
export const guidesOf = (manager: EntityManager, kind: GuideKind, away = false): Promise<GuideEntity[]> =>
  manager.find(GuideEntity, {
    where: { kind, archivedAt: away ? Not(IsNull()) : IsNull() },
    order: { keptAt: 'asc' },
  });

export const guideOf = (manager: EntityManager, id: string): Promise<GuideEntity | null> =>
  manager.findOneBy(GuideEntity, { id });

/** Holds an id until the transaction ends, whether anything is kept under it or not. */
export async function holdGuide(manager: EntityManager, id: string): Promise<void> {
  await manager.query('select pg_advisory_xact_lock(hashtext($1))', [id]);
}

export async function saveGuide(manager: EntityManager, guide: GuideEntity): Promise<void> {
  await manager.save(GuideEntity, guide);
}

/** Puts one away at a time, or brings it back where that is null. */
export async function shelveGuide(manager: EntityManager, id: string, archivedAt: Date | null): Promise<void> {
  await manager.update(GuideEntity, { id }, { archivedAt });
}
