import { CLASS_LIMITS, type GroupPage, type JoinCode, type JoinGroup, type JoinPage } from '@bent-pail/contract';
import type { Request } from 'express';
import type { EntityManager } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { Context } from '../context';
import { HttpProblem, refused } from '../http/problems';
import type { GroupLink } from '../http/principal';
import { beginGroupSession } from '../accounts/session';
import type { ClassEntity } from './entities';
import { groupPage } from './groupPage';
import { classByCode, countPhones, endPhone, groupNumbered, groupsOf, insertPhone, phonesIn } from './repository';

/** As it stands on the wall, however it was typed. */
const plain = (code: string): string => code.toUpperCase().replaceAll(/[^A-Z0-9]/g, '');

async function requireOpenCode(manager: EntityManager, code: string, now: number): Promise<ClassEntity> {
  const row = await classByCode(manager, plain(code));
  if (row === null || row.endsAt.getTime() <= now)
    throw new HttpProblem(404, {
      code: 'no-class',
      path: 'code',
      message: 'No class has this code now. Look at the wall again; a code ends with its class.',
    });
  return row;
}

/** What stands behind a code for whoever has it: the lesson, and the groups to choose from. */
export async function lookUp({ db, clock }: Context, { code }: JoinCode): Promise<JoinPage> {
  const row = await requireOpenCode(db.manager, code, clock.now());
  const phones = await phonesIn(db.manager, row.id);
  const groups = await groupsOf(db.manager, row.id);
  return {
    title: row.plan.title,
    groups: groups.map(({ id, number }) => ({ number, phones: phones.get(id) ?? 0 })),
  };
}

/** A phone of a group, by the code on the wall; whatever it was before in another class or group is over. */
export async function groupPhone(
  { db, clock }: Pick<Context, 'db' | 'clock'>,
  before: GroupLink | undefined,
  { code, group: number }: JoinGroup,
): Promise<GroupLink> {
  return db.transaction(async (manager) => {
    const now = clock.now();
    const row = await requireOpenCode(manager, code, now);
    const group = await groupNumbered(manager, row.id, number);
    if (group === null) throw refused('group', 'There is no such group.');
    if (before?.groupId === group.id) return before;
    if ((await countPhones(manager, group.id)) >= CLASS_LIMITS.phones)
      throw refused('group', `${String(CLASS_LIMITS.phones)} phones are in this group; more cannot join.`);
    if (before !== undefined) await endPhone(manager, before.phoneId, new Date(now));
    const phoneId = uuidv7();
    await insertPhone(manager, { id: phoneId, groupId: group.id, joinedAt: new Date(now), endedAt: null });
    return { phoneId, groupId: group.id, classId: row.id };
  });
}

/** Makes the phone that asks one of a group's. */
export async function join(context: Context, request: Request, body: JoinGroup): Promise<GroupPage> {
  const link = await groupPhone(context, request.group, body);
  await beginGroupSession(request, link);
  return groupPage(context.db.manager, link);
}

export async function leave({ db, clock }: Context, request: Request, { phoneId }: GroupLink): Promise<void> {
  await endPhone(db.manager, phoneId, new Date(clock.now()));
  delete request.session.phoneId;
}
