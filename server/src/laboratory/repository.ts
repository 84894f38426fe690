import type { LabRequestsAsked, Page } from '@bent-pail/contract';
import { In, IsNull, type EntityManager } from 'typeorm';
import { Conditions, readPage, type SortBy } from '../database/paging';
import { LabRequestEntity } from './entities';

const FROM = `
  from lab_requests q
  join lots l on l.id = q.lot_id
  join materials m on m.id = l.material_id`;

const NEWEST: SortBy = { sql: 'q.asked_at', type: 'timestamptz', usual: 'down' };

/** One page of what was sent, the newest first. */
export async function pageOfRequests(
  manager: EntityManager,
  asked: LabRequestsAsked,
  zone: string,
): Promise<Page<LabRequestEntity>> {
  const conditions = new Conditions();
  conditions.find(asked.find, `concat_ws(' ', m.name, l.code)`);
  if (asked.lot !== undefined) conditions.and(`q.lot_id = ${conditions.value(asked.lot)}`);
  if (asked.state !== undefined)
    conditions.and(asked.state === 'awaited' ? 'q.run_id is null' : 'q.run_id is not null');
  conditions.days('q.asked_at', asked, zone);
  const page = await readPage<{ readonly id: string }>(manager, {
    select: 'q.id',
    from: FROM,
    id: 'q.id',
    conditions,
    sort: NEWEST,
    asked,
  });
  const requests = await manager.findBy(LabRequestEntity, { id: In(page.rows.map(({ id }) => id)) });
  return { ...page, rows: page.rows.flatMap(({ id }) => requests.find((request) => request.id === id) ?? []) };
}

/** Requests whose report is no run yet, whenever they were sent; the newest first. */
export const unkeptRequests = (manager: EntityManager): Promise<LabRequestEntity[]> =>
  manager.find(LabRequestEntity, { where: { runId: IsNull() }, order: { askedAt: 'desc' } });

export const requestOf = (manager: EntityManager, id: string): Promise<LabRequestEntity | null> =>
  manager.findOneBy(LabRequestEntity, { id });

export async function insertRequest(manager: EntityManager, request: LabRequestEntity): Promise<void> {
  await manager.insert(LabRequestEntity, request);
}

export async function tieToRun(manager: EntityManager, id: string, runId: string): Promise<void> {
  await manager.update(LabRequestEntity, { id }, { runId });
}
