import { createHash } from 'node:crypto';
import type { ChangePassword, EditUser, Me, NewUser, SessionRow, UserRow } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import type { Context } from '../context';
import type { UserEntity } from './entities';
import { keepOnce } from '../database/keepOnce';
import { conflict, HttpProblem, notFound, refused } from '../http/problems';
import { hashPassword, passwordMatches } from './passwords';
import { endOne, openSessions } from './sessionRepository';
import { allUsers, changeUser, holdPeople, insertUser, userCalled, userOf } from './repository';

const toRow = ({ id, name, role, archivedAt }: UserEntity): UserRow => ({
  id,
  name,
  role,
  active: archivedAt === null,
});

/** Everybody in the notebook by name, those who were switched off at the end. */
export async function listUsers({ db }: Pick<Context, 'db'>): Promise<UserRow[]> {
  const users = (await allUsers(db.manager)).map(toRow);
  return [...users.filter(({ active }) => active), ...users.filter(({ active }) => !active)];
}

async function requireFreeName(manager: EntityManager, name: string): Promise<void> {
  if ((await userCalled(manager, name)) !== null) throw refused('name', `${name} is already in this notebook.`);
}

/** The person as kept answers, whatever was sent. The password is no part of what is compared. */
export async function addUser({ db }: Context, { password, ...said }: NewUser): Promise<UserRow> {
  const passwordHash = await hashPassword(password);
  await db.transaction((manager) =>
    keepOnce(manager, { id: said.id, what: 'person', said }, async () => {
      await requireFreeName(manager, said.name);
      const { id, name, role } = said;
      await insertUser(manager, { id, name, role, passwordHash });
    }),
  );
  return toRow((await userOf(db.manager, said.id)) as UserEntity);
}

/** Somebody's own new password; every other session of theirs ends. Returns when the sessions that go on begin. */
export async function changePassword({ db, clock }: Context, me: Me, body: ChangePassword): Promise<number> {
  const user = await userOf(db.manager, me.id);
  if (user === null || !(await passwordMatches(user.passwordHash, body.present)))
    throw new HttpProblem(422, { code: 'wrong', path: 'present', message: 'This is not your present password.' });
  const now = clock.now();
  const passwordHash = await hashPassword(body.password);
  await db.transaction((manager) => changeUser(manager, me.id, { passwordHash, sessionsFrom: new Date(now) }));
  return now;
}

/** Where somebody is signed in, the newest first. */
export async function listSessions({ db }: Pick<Context, 'db'>, me: Me, own: string): Promise<SessionRow[]> {
  const user = await userOf(db.manager, me.id);
  const rows = await openSessions(db.manager, me.id, user?.sessionsFrom ?? null);
  const ownKey = createHash('sha256').update(own).digest('hex');
  return rows.map(({ key, since, device }) => ({
    key,
    since: new Date(since).toISOString(),
    device: device ?? '',
    isThis: key === ownKey,
  }));
}

/** Ends one of one's own sessions, wherever it is. */
export async function endSessionCalled({ db }: Pick<Context, 'db'>, me: Me, key: string): Promise<void> {
  if (!(await endOne(db.manager, me.id, key))) throw notFound('session');
}

/** A notebook always has a lead who can sign in. Called with the people held, so that two leads cannot both leave. */
async function requireLeadLeft(manager: EntityManager, without: string): Promise<void> {
  const people = await allUsers(manager);
  if (!people.some(({ id, role, archivedAt }) => role === 'lead' && id !== without && archivedAt === null))
    throw conflict('This is the last lead of the notebook; make somebody else a lead first.');
}

/** What the lead changes: role, a forgotten password, whether somebody may sign in. Sessions end where that matters. */
export async function editUser({ db, clock }: Context, id: string, body: EditUser): Promise<UserRow[]> {
  const { role, active, password } = body;
  const passwordHash = password === undefined ? undefined : await hashPassword(password);
  await db.transaction(async (manager) => {
    await holdPeople(manager);
    const user = await userOf(manager, id);
    if (user === null) throw notFound('person');
    const now = new Date(clock.now());
    if ((role !== undefined && role !== 'lead') || active === false) await requireLeadLeft(manager, id);
    if (active === true && user.archivedAt !== null) await requireFreeName(manager, user.name);
    const ends = active === false || passwordHash !== undefined;
    await changeUser(manager, id, {
      ...(role === undefined ? {} : { role }),
      ...(active === undefined ? {} : { archivedAt: active ? null : now }),
      ...(passwordHash === undefined ? {} : { passwordHash }),
      ...(ends ? { sessionsFrom: now } : {}),
    });
  });
  return listUsers({ db });
}

/** Ends every session of a person that began before now; returns when the ones that go on begin. */
export async function endSessions({ db, clock }: Context, id: string): Promise<number> {
  const now = clock.now();
  if (!(await changeUser(db.manager, id, { sessionsFrom: new Date(now) }))) throw notFound('person');
  return now;
}
