import { IsNull, type EntityManager } from 'typeorm';
import { AccessTokenEntity } from './entities';

/** Keys of one person, or of everybody, the newest first. */
export const tokensOf = (manager: EntityManager, byUser: string | undefined): Promise<AccessTokenEntity[]> =>
  manager.find(AccessTokenEntity, {
    ...(byUser === undefined ? {} : { where: { byUser } }),
    order: { madeAt: 'desc', id: 'desc' },
  });

export const tokenOf = (manager: EntityManager, id: string): Promise<AccessTokenEntity | null> =>
  manager.findOneBy(AccessTokenEntity, { id });

/** The key that hashes so and still opens. */
export const openToken = (manager: EntityManager, hash: string): Promise<AccessTokenEntity | null> =>
  manager.findOneBy(AccessTokenEntity, { hash, revokedAt: IsNull() });

export async function insertToken(manager: EntityManager, token: AccessTokenEntity): Promise<void> {
  await manager.insert(AccessTokenEntity, token);
}

export async function revokeToken(manager: EntityManager, id: string, revokedAt: Date): Promise<void> {
  await manager.update(AccessTokenEntity, { id, revokedAt: IsNull() }, { revokedAt });
}

/** That it was used is written once an hour, not at each request. */
export async function noteUse(manager: EntityManager, id: string, now: Date): Promise<void> {
  await manager.query(
    `update access_tokens set used_at = $2 where id = $1 and (used_at is null or used_at < $2::timestamptz - interval '1 hour')`,
    [id, now],
  );
}
