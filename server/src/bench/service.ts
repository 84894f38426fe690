import type {
  NewExclusion,
  NewRun,
  Page,
  RunInstruments,
  RunRow,
  RunsAsked,
  RunSheet,
  SeveralRuns,
} from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import { inSentence, replicateName, runProgress } from '@bent-pail/core';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import type { Principal } from '../http/principal';
import { conflict, HttpProblem, refused } from '../http/problems';
import { requireOneOfAKind } from '../instruments/service';
import { notebookRow } from '../notebook/repository';
import { requireProtocol } from '../protocols/service';
import { lotOf } from '../shelf/lotRepository';
import { vesselsNamed } from '../vessels/repository';
import { stampFinished } from '../vessels/takeUp';
import { insertRun } from './insertRun';
import { readSheet } from './readSheet';
import { loadSheet, toRunRecord } from './records';
import { pageOfRuns } from './repository';
import { holdRun, requireOnBench, requireRun } from './requireRun';
import { changeRun, exclusionsOf, insertExclusion } from './runRepository';
import { keepRunRows } from './runRows';

/** Opens one sheet in the transaction that is given. */
async function open(manager: EntityManager, now: number, who: Principal, body: NewRun): Promise<void> {
  const protocol = await requireProtocol(manager, body.protocol);
  if (protocol.usesVessel && body.vesselIds.length !== body.replicates) {
    throw refused('vesselIds', `Name one vessel for each of the ${String(body.replicates)} replicates.`);
  }
  await keepOnce(manager, { id: body.id, what: 'run', said: body }, async () => {
    if ((await lotOf(manager, body.lotId)) === null) throw refused('lotId', 'There is no such lot.');
    const found = await vesselsNamed(manager, body.vesselIds);
    if (found.length !== new Set(body.vesselIds).size)
      throw refused('vesselIds', 'One of these vessels does not exist.');
    await insertRun(
      manager,
      {
        id: body.id,
        lotId: body.lotId,
        protocolKey: protocol.key,
        replicateCount: body.replicates,
        vesselIds: protocol.usesVessel ? body.vesselIds : [],
        sample: body.sample ?? null,
        groupName: body.groupName ?? null,
        startedBy: who.id,
        startedAt: new Date(now),
      },
      protocol,
      body.settings,
    );
  });
}

export async function startRun({ db, clock }: Context, who: Principal, body: NewRun): Promise<RunSheet> {
  return db.transaction(async (manager) => {
    await open(manager, clock.now(), who, body);
    return readSheet(manager, body.id);
  });
}

/** Opens many sheets together, or none of them; they are numbered in the order in which they were named. */
export async function startRuns(
  { db, clock }: Context,
  who: Principal,
  { runs }: SeveralRuns,
): Promise<{ readonly ids: readonly string[] }> {
  await db.transaction(async (manager) => {
    for (const run of runs) await open(manager, clock.now(), who, run);
  });
  return { ids: runs.map(({ id }) => id) };
}

export async function sheetFor({ db }: Context, id: string): Promise<RunSheet> {
  return loadSheet(db.manager, await requireRun(db.manager, id));
}

export async function listRuns({ db }: Context, asked: RunsAsked): Promise<Page<RunRow>> {
  const { zone } = await notebookRow(db.manager);
  return pageOfRuns(db.manager, asked, zone);
}

/** Takes a replicate out of the results, in sight, with its reason. */
export async function exclude(
  { db, clock }: Context,
  who: Principal,
  runId: string,
  body: NewExclusion,
): Promise<RunSheet> {
  return db.transaction(async (manager) => {
    const run = await holdRun(manager, runId);
    requireOnBench(run);
    if (body.replicate >= run.replicateCount)
      throw refused('replicate', `This run has ${String(run.replicateCount)} replicates.`);
    await keepOnce(manager, { id: body.id, what: 'exclusion', said: { ...body, runId } }, async () => {
      const excluded = await exclusionsOf(manager, [runId]);
      const known = excluded.find((one) => one.replicate === body.replicate);
      if (known !== undefined) throw conflict('This replicate is excluded already.', known.reason);
      if (excluded.length + 1 >= run.replicateCount)
        throw refused('replicate', 'The last replicate cannot be excluded; make a new run.');
      const { id, replicate, reason } = body;
      await insertExclusion(manager, {
        id,
        runId,
        replicate,
        reason,
        byUser: who.id,
        keptAt: new Date(clock.now()),
      });
      await keepRunRows(manager, run);
    });
    return readSheet(manager, runId);
  });
}

/** What a run is read with from now on; readings that are kept stay as they were stamped. */
export async function chooseInstruments({ db }: Context, runId: string, body: RunInstruments): Promise<RunSheet> {
  return db.transaction(async (manager) => {
    await requireRun(manager, runId);
    await requireOneOfAKind(manager, body.instrumentIds);
    await changeRun(manager, runId, { instrumentIds: body.instrumentIds });
    return readSheet(manager, runId);
  });
}

/** Finishes a run whose cells are filled; finishing it again changes nothing. */
export async function finishRun({ db, clock }: Context, who: Principal, runId: string): Promise<RunSheet> {
  return db.transaction(async (manager) => {
    const run = await holdRun(manager, runId);
    requireOnBench(run);
    const sheet = await readSheet(manager, runId);
    if (run.finishedAt !== null) return sheet;
    const progress = runProgress(toRunRecord(sheet));
    if (!progress.complete) {
      const first = progress.next[0];
      const what = first === undefined ? '' : `: ${replicateName(first.replicate)}, ${inSentence(first.step.label)}`;
      throw new HttpProblem(422, {
        code: 'missing',
        path: 'readings',
        message: `The sheet is not full yet${what}. Fill it or exclude the replicate with a reason.`,
      });
    }
    const unmeasured = sheet.protocol.usesVessel && sheet.vessels.some((vessel) => vessel === undefined);
    if (unmeasured) throw refused('vessels', 'A vessel of this run is not measured yet.');
    const finishedAt = new Date(clock.now());
    await changeRun(manager, runId, { finishedAt });
    await stampFinished(manager, run, who, finishedAt);
    await keepRunRows(manager, { ...run, finishedAt });
    return readSheet(manager, runId);
  });
}
