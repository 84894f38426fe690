import type { ImportedReport, LabRequestRow, LabRequestsAsked, Me, NewLabRequest, Page } from '@bent-pail/contract';
import { LAB_REPORT, practiceReport } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import type { Context, Ground } from '../context';
import { namesOf } from '../accounts/repository';
import { runOf } from '../bench/runRepository';
import type { LabRequestEntity } from './entities';
import type { LotEntity, MaterialEntity } from '../shelf/entities';
import { classOf, lotOf, lotRowsNamed, materialsNamed } from '../shelf/lotRepository';
import { keepOnce } from '../database/keepOnce';
import { conflict, notFound, refused } from '../http/problems';
import { notebookRow } from '../notebook/repository';
import { insertRequest, pageOfRequests, requestOf, tieToRun, unkeptRequests } from './repository';

/** A report is the same each time that it is looked at: chance comes from the request's id. */
const seedOf = (id: string): number => Number.parseInt(id.replaceAll('-', '').slice(-8), 16);

async function toRows(
  manager: EntityManager,
  requests: readonly LabRequestEntity[],
  now: number,
): Promise<LabRequestRow[]> {
  const lots = await lotRowsNamed(
    manager,
    requests.map((request) => request.lotId),
  );
  const materials = await materialsNamed(
    manager,
    lots.map((lot) => lot.materialId),
  );
  const names = await namesOf(
    manager,
    requests.map((request) => request.askedBy),
  );
  return requests.map((request) => {
    const lot = lots.find((one) => one.id === request.lotId) as LotEntity;
    const material = materials.find((one) => one.id === lot.materialId) as MaterialEntity;
    const sample = `${material.name}, ${lot.code}`;
    const ready = request.readyAt.getTime() <= now;
    return {
      id: request.id,
      lot: { id: lot.id, name: material.name, code: lot.code },
      askedAt: request.askedAt.toISOString(),
      askedBy: names.get(request.askedBy) ?? '',
      readyAt: request.readyAt.toISOString(),
      ...(ready ? { report: practiceReport(sample, classOf(lot, material) ?? undefined, seedOf(request.id)) } : {}),
      ...(request.runId === null ? {} : { runId: request.runId }),
    };
  });
}

export async function listRequests({ db, clock }: Ground, asked: LabRequestsAsked): Promise<Page<LabRequestRow>> {
  const { zone } = await notebookRow(db.manager);
  const page = await pageOfRequests(db.manager, asked, zone);
  return { ...page, rows: await toRows(db.manager, page.rows, clock.now()) };
}

/** Requests whose report is not a run yet, ready or not. */
export async function awaitedReports({ db, clock }: Ground): Promise<LabRequestRow[]> {
  return toRows(db.manager, await unkeptRequests(db.manager), clock.now());
}

async function requestRow({ db, clock }: Ground, id: string): Promise<LabRequestRow> {
  const request = await requestOf(db.manager, id);
  const [row] = request === null ? [] : await toRows(db.manager, [request], clock.now());
  if (row === undefined) throw notFound('request');
  return row;
}

export async function askLaboratory(context: Context, me: Me, body: NewLabRequest): Promise<LabRequestRow> {
  const { db, clock } = context;
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'request', said: body }, async () => {
      if ((await lotOf(manager, body.lotId)) === null) throw refused('lotId', 'There is no such lot.');
      const now = clock.now();
      await insertRequest(manager, {
        id: body.id,
        lotId: body.lotId,
        askedBy: me.id,
        askedAt: new Date(now),
        readyAt: new Date(now + body.delay_min * 60000),
        runId: null,
      });
    }),
  );
  return requestRow(context, body.id);
}

/** Ties a report to the run that it became; a run of another lot or another sheet is refused. */
export async function markImported(context: Context, id: string, { runId }: ImportedReport): Promise<LabRequestRow> {
  const { db, clock } = context;
  await db.transaction(async (manager) => {
    const request = await requestOf(manager, id);
    if (request === null) throw notFound('request');
    if (request.readyAt.getTime() > clock.now()) throw refused('id', 'This report is not ready yet.');
    if (request.runId === runId) return;
    if (request.runId !== null) throw conflict('This report was imported before.');
    const run = await runOf(manager, runId);
    if (run?.lotId !== request.lotId || run.protocolKey !== LAB_REPORT.key)
      throw refused('runId', 'The run must be a lab report on the lot that was sent.');
    await tieToRun(manager, id, runId);
  });
  return requestRow(context, id);
}
