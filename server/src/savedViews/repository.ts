import type { SavedPage } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import { SavedViewEntity } from './entities';

export const allViews = (manager: EntityManager): Promise<SavedViewEntity[]> =>
  manager.find(SavedViewEntity, { order: { page: 'ASC', name: 'ASC' } });

export const viewOf = (manager: EntityManager, id: string): Promise<SavedViewEntity | null> =>
  manager.findOneBy(SavedViewEntity, { id });

/** The view of a list that has a name, whatever its letters' size. */
export const viewCalled = (manager: EntityManager, page: SavedPage, name: string): Promise<SavedViewEntity | null> =>
  manager
    .createQueryBuilder(SavedViewEntity, 'v')
    .where('v.page = :page and lower(v.name) = lower(:name)', { page, name })
    .getOne();

export async function insertView(manager: EntityManager, view: SavedViewEntity): Promise<void> {
  await manager.insert(SavedViewEntity, view);
}

export async function deleteView(manager: EntityManager, id: string): Promise<void> {
  await manager.delete(SavedViewEntity, { id });
}
