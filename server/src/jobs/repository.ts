import { IsNull, type EntityManager } from 'typeorm';
import { PlannedJobEntity } from './entities';

/** Open jobs in one list at most, the soonest first. */
const LISTED = 200;

/** Work with a date that is not done, soonest first. */
export const jobsToDo = (manager: EntityManager): Promise<PlannedJobEntity[]> =>
  manager.find(PlannedJobEntity, { where: { doneAt: IsNull() }, order: { at: 'asc' }, take: LISTED });

export async function insertJob(manager: EntityManager, job: PlannedJobEntity): Promise<void> {
  await manager.insert(PlannedJobEntity, job);
}

/** Whether there was such work. */
export async function markJob(
  manager: EntityManager,
  id: string,
  done: Pick<PlannedJobEntity, 'doneBy' | 'doneAt'>,
): Promise<boolean> {
  return (await manager.update(PlannedJobEntity, { id }, done)).affected === 1;
}
