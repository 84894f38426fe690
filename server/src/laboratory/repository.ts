import type { EntityManager } from 'typeorm';
import { LabRequestEntity } from './entities';

/** Requests in one list at most, the newest first. */
const LISTED = 50;

export const newestRequests = (manager: EntityManager): Promise<LabRequestEntity[]> =>
  manager.find(LabRequestEntity, { order: { askedAt: 'desc' }, take: LISTED });

export const requestOf = (manager: EntityManager, id: string): Promise<LabRequestEntity | null> =>
  manager.findOneBy(LabRequestEntity, { id });

export async function insertRequest(manager: EntityManager, request: LabRequestEntity): Promise<void> {
  await manager.insert(LabRequestEntity, request);
}

export async function tieToRun(manager: EntityManager, id: string, runId: string): Promise<void> {
  await manager.update(LabRequestEntity, { id }, { runId });
}
