import type { ChangePassword, EditUser, Me, NewUser, UserRow } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import type { Context } from '../context';
import { UserEntity } from './entities';
import { keepOnce } from '../database/keepOnce';
import { conflict, HttpProblem, notFound, refused } from '../http/problems';
import { hashPassword, passwordMatches } from './passwords';

const toRow = ({ id, name, role, archivedAt }: UserEntity): UserRow => ({
  id,
  name,
  role,
  active: archivedAt === null,
});

/** Everybody in the notebook by name, those who were switched off at the end. */
export async function listUsers({ db }: Pick<Context, 'db'>): Promise<UserRow[]> {
  const users = (await db.getRepository(UserEntity).find({ order: { name: 'asc' } })).map(toRow);
  return [...users.filter(({ active }) => active), ...users.filter(({ active }) => !active)];
}

/** A name signs in one person, whatever its letters' size. */
export async function findByName(manager: EntityManager, name: string): Promise<UserEntity | null> {
  return manager
    .createQueryBuilder(UserEntity, 'user')
    .where('lower(user.name) = lower(:name) and user.archived_at is null', { name })
    .getOne();
}

async function requireFreeName(manager: EntityManager, name: string): Promise<void> {
  if ((await findByName(manager, name)) !== null) throw refused('name', `${name} is already in this notebook.`);
}

/** The person as kept answers, whatever was sent. The password is no part of what is compared. */
export async function addUser({ db }: Context, { password, ...said }: NewUser): Promise<UserRow> {
  const passwordHash = await hashPassword(password);
  await db.transaction((manager) =>
    keepOnce(manager, { id: said.id, what: 'person', said }, async () => {
      await requireFreeName(manager, said.name);
      const { id, name, role } = said;
      const begun = { singleKeys: true, archivedAt: null, sessionsFrom: null };
      await manager.insert(UserEntity, { id, name, role, passwordHash, ...begun });
    }),
  );
  return toRow(await db.manager.findOneByOrFail(UserEntity, { id: said.id }));
}

/** Somebody's own new password; every other session of theirs ends. Returns when the sessions that go on begin. */
export async function changePassword({ db, clock }: Context, me: Me, body: ChangePassword): Promise<number> {
  const user = await db.manager.findOneByOrFail(UserEntity, { id: me.id });
  if (!(await passwordMatches(user.passwordHash, body.present)))
    throw new HttpProblem(422, { code: 'wrong', path: 'present', message: 'This is not your present password.' });
  const now = clock.now();
  const passwordHash = await hashPassword(body.password);
  await db.manager.update(UserEntity, { id: me.id }, { passwordHash, sessionsFrom: new Date(now) });
  return now;
}

/** A notebook always has a lead who can sign in. Called with the people held, so that two leads cannot both leave. */
async function requireLeadLeft(manager: EntityManager, without: string): Promise<void> {
  const leads = await manager.findBy(UserEntity, { role: 'lead' });
  if (!leads.some((lead) => lead.id !== without && lead.archivedAt === null))
    throw conflict('This is the last lead of the notebook; make somebody else a lead first.');
}

/** What the lead changes: role, a forgotten password, whether somebody may sign in. Sessions end where that matters. */
export async function editUser({ db, clock }: Context, id: string, body: EditUser): Promise<UserRow[]> {
  const { role, active, password } = body;
  const passwordHash = password === undefined ? undefined : await hashPassword(password);
  await db.transaction(async (manager) => {
    await manager.query('lock table users in exclusive mode');
    const user = await manager.findOneBy(UserEntity, { id });
    if (user === null) throw notFound('person');
    const now = new Date(clock.now());
    if ((role !== undefined && role !== 'lead') || active === false) await requireLeadLeft(manager, id);
    if (active === true && user.archivedAt !== null) await requireFreeName(manager, user.name);
    const ends = active === false || passwordHash !== undefined;
    const change = {
      ...(role === undefined ? {} : { role }),
      ...(active === undefined ? {} : { archivedAt: active ? null : now }),
      ...(passwordHash === undefined ? {} : { passwordHash }),
      ...(ends ? { sessionsFrom: now } : {}),
    };
    if (Object.keys(change).length > 0) await manager.update(UserEntity, { id }, change);
  });
  return listUsers({ db });
}

/** Ends every session of a person that began before now; returns when the ones that go on begin. */
export async function endSessions({ db, clock }: Context, id: string): Promise<number> {
  const now = clock.now();
  const { affected } = await db.manager.update(UserEntity, { id }, { sessionsFrom: new Date(now) });
  if (affected === 0) throw notFound('person');
  return now;
}
