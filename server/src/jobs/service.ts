import type { Me, NewPlannedJobs, PlannedJobRow } from '@bent-pail/contract';
import type { Context } from '../context';
import { namesOf } from '../accounts/repository';
import { keepOnce } from '../database/keepOnce';
import { notFound } from '../http/problems';
import { insertJob, jobsToDo, markJob } from './repository';

/** Work with a date that is not done, soonest first. */
export async function openJobs({ db }: Context): Promise<PlannedJobRow[]> {
  const jobs = await jobsToDo(db.manager);
  const people = await namesOf(
    db.manager,
    jobs.map(({ byUser }) => byUser),
  );
  return jobs.map(({ id, at, what, where, to, byUser }) => ({
    id,
    at: at.toISOString(),
    what,
    where,
    ...(to === null ? {} : { to }),
    plannedBy: people.get(byUser) ?? '',
  }));
}

/** Plans work, all of it or nothing; each job is kept once, so that a plan may be sent twice. */
export async function planJobs(context: Context, me: Me, { jobs }: NewPlannedJobs): Promise<PlannedJobRow[]> {
  const { db, clock } = context;
  const plannedAt = new Date(clock.now());
  // Always in the same order, so that two plans with the same jobs wait for each other.
  const inOrder = [...jobs].sort((a, b) => (a.id < b.id ? -1 : 1));
  await db.transaction(async (manager) => {
    for (const job of inOrder)
      await keepOnce(manager, { id: job.id, what: 'job', said: job }, async () => {
        const { id, at, what, where, to } = job;
        const open = { byUser: me.id, plannedAt, doneBy: null, doneAt: null };
        await insertJob(manager, { id, at: new Date(at), what, where, to: to ?? null, ...open });
      });
  });
  return openJobs(context);
}

/** Marks work done, or not done after all. */
export async function markDone(context: Context, me: Me, id: string, done: boolean): Promise<PlannedJobRow[]> {
  const { db, clock } = context;
  const change = done ? { doneBy: me.id, doneAt: new Date(clock.now()) } : { doneBy: null, doneAt: null };
  if (!(await markJob(db.manager, id, change))) throw notFound('job');
  return openJobs(context);
}
