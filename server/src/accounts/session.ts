import type { Me } from '@bent-pail/contract';
import type { Request, RequestHandler } from 'express';
import type {} from '../http/guard';
import { groupOfPhone } from '../classes/phoneLink';
import { principalOf, type GroupLink } from '../http/principal';
import type { SessionData } from 'express-session';
import { bearerOf } from '../accessTokens/service';
import type { Context } from '../context';
import { deviceOf } from './device';
import { toMe } from './me';
import { userOf } from './repository';

/** The person of a session, as the notebook has them now; nobody where they were switched off or the session was ended. */
async function personOf({ db }: Context, { userId, since }: Partial<SessionData>): Promise<Me | undefined> {
  if (userId === undefined || since === undefined) return undefined;
  const user = await userOf(db.manager, userId);
  if (user?.archivedAt !== null || since < (user.sessionsFrom?.getTime() ?? 0)) return undefined;
  return toMe(user);
}

/** The key that a script shows, where one does. */
const keyOf = (request: Request): string | undefined =>
  /^Bearer +(\S+)$/i.exec(request.get('authorization') ?? '')?.[1];

/**
 * Finds out at each request who is signed in, from the notebook itself: a role that was changed, a person who was
 * switched off, sessions that were ended count at once.
 */
export const whoIsThis =
  (context: Context): RequestHandler =>
  async (request, _response, next) => {
    // Whoever shows a key is judged by it alone.
    const isScript = request.get('authorization') !== undefined;
    const me = isScript ? await bearerOf(context, keyOf(request) ?? '') : await personOf(context, request.session);
    if (me !== undefined) request.who = principalOf(me);
    const group = isScript ? undefined : await groupOfPhone(context, request.session.phoneId);
    if (group !== undefined) request.group = group;
    next();
  };

/** Whether a long request's person is signed in still, by what the store has of the session now. */
export async function isStillIn(context: Context, request: Request): Promise<boolean> {
  const now = await new Promise<SessionData | null | undefined>((resolve, reject) => {
    request.sessionStore.get(request.sessionID, (error: unknown, session) => {
      if (error === null || error === undefined) resolve(session);
      else reject(error instanceof Error ? error : new Error('the session store refused'));
    });
  });
  return (await personOf(context, now ?? {})) !== undefined;
}

const freshSession = (request: Request): Promise<void> =>
  new Promise((resolve, reject) => {
    request.session.regenerate((error: unknown) => {
      if (error === undefined || error === null) resolve();
      else reject(error instanceof Error ? error : new Error('the session store refused'));
    });
  });

/** Makes a phone's session a group's. Whoever is signed in at it stays so: a teacher who tries a lesson out. */
export async function beginGroupSession(request: Request, link: GroupLink): Promise<void> {
  if (request.who === undefined) await freshSession(request);
  request.session.phoneId = link.phoneId;
}

/** A fresh session for a person, so that an id known before signing in is worth nothing. */
export async function beginSession(request: Request, me: Me, now: number): Promise<void> {
  await freshSession(request);
  request.session.userId = me.id;
  request.session.since = now;
  request.session.device = deviceOf(request.get('user-agent'));
  request.who = principalOf(me);
}

export function endSession(request: Request): Promise<void> {
  return new Promise((resolve) => {
    request.session.destroy(() => {
      resolve();
    });
  });
}
