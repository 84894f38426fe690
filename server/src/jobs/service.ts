import type { Me, NewPlannedJobs, PlannedJobRow } from '@bent-pail/contract';
import { IsNull } from 'typeorm';
import type { Context } from '../context';
import { PlannedJobEntity, UserEntity } from '../database/entities';
import { notFound } from '../http/problems';

/** Open jobs in one list at most, the soonest first. */
const LISTED = 200;

/** Work with a date that is not done, soonest first. */
export async function openJobs({ db }: Context): Promise<PlannedJobRow[]> {
  const jobs = await db.manager.find(PlannedJobEntity, {
    where: { doneAt: IsNull() },
    order: { at: 'asc' },
    take: LISTED,
  });
  const people = new Map((await db.manager.find(UserEntity)).map((user) => [user.id, user.name]));
  return jobs.map(({ id, at, what, where, to, byUser }) => ({
    id,
    at: at.toISOString(),
    what,
    where,
    ...(to === null ? {} : { to }),
    plannedBy: people.get(byUser) ?? '',
  }));
}

/** Plans work; what came before by the same id stays as it is, so that a plan may be sent twice. */
export async function planJobs(context: Context, me: Me, { jobs }: NewPlannedJobs): Promise<PlannedJobRow[]> {
  const { db, clock } = context;
  const plannedAt = new Date(clock.now());
  await db
    .createQueryBuilder()
    .insert()
    .into(PlannedJobEntity)
    .values(
      jobs.map(({ id, at, what, where, to }) => ({
        id,
        at: new Date(at),
        what,
        where,
        to: to ?? null,
        byUser: me.id,
        plannedAt,
        doneBy: null,
        doneAt: null,
      })),
    )
    .orIgnore()
    .execute();
  return openJobs(context);
}

/** Marks work done, or not done after all. */
export async function markDone(context: Context, me: Me, id: string, done: boolean): Promise<PlannedJobRow[]> {
  const { db, clock } = context;
  const change = done ? { doneBy: me.id, doneAt: new Date(clock.now()) } : { doneBy: null, doneAt: null };
  const { affected } = await db.manager.update(PlannedJobEntity, { id }, change);
  if (affected === 0) throw notFound('job');
  return openJobs(context);
}
