import { In, type EntityManager } from 'typeorm';
import { UserEntity } from './entities';

/** Everybody by name, whoever was switched off among them. */
export const allUsers = (manager: EntityManager): Promise<UserEntity[]> =>
  manager.find(UserEntity, { order: { name: 'asc' } });

export const userOf = (manager: EntityManager, id: string): Promise<UserEntity | null> =>
  manager.findOneBy(UserEntity, { id });

export const usersNamed = (manager: EntityManager, ids: readonly string[]): Promise<UserEntity[]> =>
  manager.findBy(UserEntity, { id: In([...new Set(ids)]) });

/** The names of some people by id. */
export async function namesOf(manager: EntityManager, ids: readonly string[]): Promise<ReadonlyMap<string, string>> {
  if (ids.length === 0) return new Map();
  return new Map((await usersNamed(manager, ids)).map(({ id, name }) => [id, name]));
}

/** A name signs in one person, whatever its letters' size. */
export const userCalled = (manager: EntityManager, name: string): Promise<UserEntity | null> =>
  manager
    .createQueryBuilder(UserEntity, 'user')
    .where('lower(user.name) = lower(:name) and user.archived_at is null', { name })
    .getOne();

export const countUsers = (manager: EntityManager): Promise<number> => manager.count(UserEntity);

/** Holds everybody until the transaction ends: who is the first or the last lead is decided by one at a time. */
export async function holdPeople(manager: EntityManager): Promise<void> {
  await manager.query('lock table users in exclusive mode');
}

/** Somebody who may sign in and whose sessions go on. */
export async function insertUser(
  manager: EntityManager,
  user: Pick<UserEntity, 'id' | 'name' | 'role' | 'passwordHash'>,
): Promise<UserEntity> {
  const row: UserEntity = { ...user, singleKeys: true, units: null, archivedAt: null, sessionsFrom: null };
  await manager.insert(UserEntity, row);
  return row;
}

/** Whether there was somebody to change. */
export async function changeUser(
  manager: EntityManager,
  id: string,
  change: Partial<Omit<UserEntity, 'id' | 'name'>>,
): Promise<boolean> {
  if (Object.keys(change).length === 0) return true;
  return (await manager.update(UserEntity, { id }, change)).affected === 1;
}
