import { createHash, randomBytes } from 'node:crypto';
import type { AccessTokenRow, MadeAccessToken, Me, NewAccessToken, Role } from '@bent-pail/contract';
import { toMe } from '../accounts/me';
import { namesOf, userOf } from '../accounts/repository';
import type { Context } from '../context';
import { optional } from '../database/optional';
import { conflict, HttpProblem, notFound } from '../http/problems';
import { insertToken, noteUse, openToken, revokeToken, tokenOf, tokensOf } from './repository';

/** By this it is known for what it is, also by whoever finds it in a file. */
const MARK = 'bentpail_';
const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');

/** Their own keys; for a lead everybody's. */
export async function listTokens({ db }: Context, who: Me): Promise<readonly AccessTokenRow[]> {
  const tokens = await tokensOf(db.manager, who.role === 'lead' ? undefined : who.id);
  const names = await namesOf(
    db.manager,
    tokens.map(({ byUser }) => byUser),
  );
  return tokens.map(({ id, name, may, byUser, madeAt, usedAt, revokedAt }) => ({
    id,
    name,
    may,
    by: names.get(byUser) ?? '',
    madeAt: madeAt.toISOString(),
    ...optional('usedAt', usedAt?.toISOString() ?? null),
    ...optional('revokedAt', revokedAt?.toISOString() ?? null),
  }));
}

/** Makes a key, and shows it this once. */
export async function makeToken(
  context: Context,
  who: Me,
  { id, name, may }: NewAccessToken,
): Promise<MadeAccessToken> {
  const { db, clock } = context;
  if ((await tokenOf(db.manager, id)) !== null) throw conflict('This key is made already; make another one.');
  const token = `${MARK}${randomBytes(32).toString('base64url')}`;
  await insertToken(db.manager, {
    id,
    name,
    may,
    hash: hashOf(token),
    byUser: who.id,
    madeAt: new Date(clock.now()),
    usedAt: null,
    revokedAt: null,
  });
  return { token, rows: await listTokens(context, who) };
}

/** Ends a key at once: one's own, or as a lead anybody's. */
export async function endToken(context: Context, who: Me, id: string): Promise<readonly AccessTokenRow[]> {
  const { db, clock } = context;
  const token = await tokenOf(db.manager, id);
  if (token === null || (token.byUser !== who.id && who.role !== 'lead')) throw notFound('key');
  await revokeToken(db.manager, id, new Date(clock.now()));
  return listTokens(context, who);
}

/** A key that may only read is a reader. */
const roleOf = (role: Role, may: 'read' | 'write'): Role => (may === 'read' ? 'reader' : role);

/** In whose name a key asks, as the notebook has them now. */
export async function bearerOf({ db, clock }: Context, token: string): Promise<Me> {
  const known = token.startsWith(MARK) ? await openToken(db.manager, hashOf(token)) : null;
  const user = known === null ? null : await userOf(db.manager, known.byUser);
  // A panellist reads nothing but the own sheets, and these in person.
  if (known === null || user?.archivedAt !== null || user.role === 'panellist')
    throw new HttpProblem(401, { code: 'signed-out', message: 'This key opens nothing, or no longer does.' });
  await noteUse(db.manager, known.id, new Date(clock.now()));
  const me = toMe(user);
  return { ...me, role: roleOf(me.role, known.may) };
}
