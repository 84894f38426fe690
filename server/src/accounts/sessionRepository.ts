import type { EntityManager } from 'typeorm';

/** A session that goes on, without the id that is its secret. */
export interface OpenSession {
  readonly key: string;
  /** Milliseconds since 1970. */
  readonly since: number;
  readonly device: string | null;
}

const KEY = `encode(sha256(convert_to(sid, 'UTF8')), 'hex')`;

/** A person's sessions that go on, the newest first. */
export const openSessions = (manager: EntityManager, userId: string, from: Date | null): Promise<OpenSession[]> =>
  manager.query(
    `select ${KEY} as key, (sess->>'since')::float8 as since, sess->>'device' as device from session
     where sess->>'userId' = $1 and expire > now() and (sess->>'since')::float8 >= $2 order by since desc, key`,
    [userId, from?.getTime() ?? 0],
  );

/** Ends one of a person's sessions; says whether there was such a one. */
export async function endOne(manager: EntityManager, userId: string, key: string): Promise<boolean> {
  const [, ended] = await manager.query<[unknown, number]>(
    `delete from session where sess->>'userId' = $1 and ${KEY} = $2`,
    [userId, key],
  );
  return ended > 0;
}
