import type { Me } from '@bent-pail/contract';
import type { Request, RequestHandler } from 'express';
import type {} from '../http/guard';
import type { Context } from '../context';
import { UserEntity } from '../database/entities';
import { toMe } from './me';

/**
 * Finds out at each request who is signed in, from the notebook itself: a role that was changed, a person who was
 * switched off, sessions that were ended count at once.
 */
export const whoIsThis =
  ({ db }: Context): RequestHandler =>
  async (request, _response, next) => {
    const { userId, since } = request.session;
    if (userId !== undefined && since !== undefined) {
      const user = await db.getRepository(UserEntity).findOneBy({ id: userId });
      const isOver = user === null || user.archivedAt !== null || since < (user.sessionsFrom?.getTime() ?? 0);
      if (!isOver) request.me = toMe(user);
    }
    next();
  };

/** A fresh session for a person, so that an id known before signing in is worth nothing. */
export async function beginSession(request: Request, me: Me, now: number): Promise<void> {
  await new Promise<void>((resolve, reject) => {
    request.session.regenerate((error: unknown) => {
      if (error === undefined || error === null) resolve();
      else reject(error instanceof Error ? error : new Error('the session store refused'));
    });
  });
  request.session.userId = me.id;
  request.session.since = now;
  request.me = me;
}

export function endSession(request: Request): Promise<void> {
  return new Promise((resolve) => {
    request.session.destroy(() => {
      resolve();
    });
  });
}
