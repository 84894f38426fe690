import type { Me, NewExclusion, NewRun, QuickStart, RunInstruments, RunRow, RunSheet } from '@bent-pail/contract';
import {
  defaultSettings,
  findMediaClass,
  guessClass,
  inSentence,
  replicateName,
  runProgress,
  type Protocol,
  type RunSettings,
} from '@bent-pail/core';
import { In, IsNull, type EntityManager } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { Context } from '../context';
import {
  BOUGHT,
  ExclusionEntity,
  LotEntity,
  MaterialEntity,
  RunEntity,
  UserEntity,
  VesselEntity,
} from '../database/entities';
import { conflict, HttpProblem, notFound, refused } from '../http/problems';
import { requireOneOfAKind, usualInstruments } from '../instruments/service';
import { protocolLabels, requireProtocol } from '../protocols/service';
import { requireOwnRun } from './ownRun';
import { loadSheets, toRunRecord } from './records';

/** Runs in one list at most; older ones are found by their lot. */
const LISTED = 200;

async function insertRun(
  manager: EntityManager,
  run: Omit<
    RunEntity,
    'number' | 'version' | 'readingSeq' | 'finishedAt' | 'protocolVersion' | 'instrumentIds' | keyof RunSettings
  >,
  protocol: Protocol,
  settings: RunSettings,
): Promise<void> {
  await manager.insert(RunEntity, {
    ...run,
    protocolVersion: protocol.version,
    ...settings,
    press_gcm2: settings.press_gcm2 ?? null,
    instrumentIds: await usualInstruments(manager, protocol),
    finishedAt: null,
    readingSeq: 0,
    version: 1,
  });
}

export async function startRun({ db, clock }: Context, me: Me, body: NewRun): Promise<RunSheet> {
  const protocol = await requireProtocol(db.manager, body.protocol);
  if (protocol.usesVessel && body.vesselIds.length !== body.replicates) {
    throw refused('vesselIds', `Name one vessel for each of the ${String(body.replicates)} replicates.`);
  }
  return db.transaction(async (manager) => {
    const known = await manager.findOneBy(RunEntity, { id: body.id });
    if (known === null) {
      if ((await manager.findOneBy(LotEntity, { id: body.lotId })) === null)
        throw refused('lotId', 'There is no such lot.');
      const found = await manager.countBy(VesselEntity, { id: In(body.vesselIds) });
      if (found !== new Set(body.vesselIds).size) throw refused('vesselIds', 'One of these vessels does not exist.');
      await insertRun(
        manager,
        {
          id: body.id,
          lotId: body.lotId,
          protocolKey: protocol.key,
          replicateCount: body.replicates,
          vesselIds: protocol.usesVessel ? body.vesselIds : [],
          sample: body.sample ?? null,
          studentId: body.studentId ?? null,
          startedBy: me.id,
          startedAt: new Date(clock.now()),
        },
        protocol,
        body.settings,
      );
    } else if (known.lotId !== body.lotId || known.protocolKey !== body.protocol) {
      throw conflict('A run with this id is kept with other content.');
    }
    return readSheet(manager, body.id);
  });
}

/** Vessels for a first run: those that were measured longest ago in use, else new ones that wait to be measured. */
async function vesselsFor(manager: EntityManager, count: number, now: Date): Promise<string[]> {
  const known = await manager.query<{ id: string }[]>(
    `select v.id from vessels v where v.kind = 'vessel' and exists (select 1 from vessel_fillings f where f.vessel_id = v.id)
     order by v.created_at, v.id limit $1`,
    [count],
  );
  const ids = known.map((row) => row.id);
  while (ids.length < count) {
    const id = uuidv7();
    const vessel = {
      id,
      kind: 'vessel',
      height_cm: null,
      topDiameter_cm: null,
      baseDiameter_cm: null,
      createdAt: now,
    } as const;
    await manager.insert(VesselEntity, { ...vessel, name: `Vessel ${String(ids.length + 1)}` });
    ids.push(id);
  }
  return ids;
}

/** One name is enough: material, lot, vessels and run come into being together, or none of them. */
export async function quickStart({ db, clock }: Context, me: Me, body: QuickStart): Promise<RunSheet> {
  const protocol = await requireProtocol(db.manager, body.protocol);
  return db.transaction(async (manager) => {
    if ((await manager.findOneBy(RunEntity, { id: body.runId })) !== null) return readSheet(manager, body.runId);
    const now = new Date(clock.now());
    const name = body.name.trim();
    if (name === '') throw refused('name', 'Say what is in the pail.');
    const known = await manager
      .createQueryBuilder(MaterialEntity, 'm')
      .where('lower(m.name) = lower(:name) or lower(:name) = any (select lower(a) from unnest(m.aliases) a)', { name })
      .getOne();
    const mediaClass = known === null ? guessClass(name) : findMediaClass(known.classId ?? '');
    const materialId = known?.id ?? body.materialId;
    if (known === null) {
      const classId = mediaClass?.id ?? null;
      await manager.insert(MaterialEntity, {
        id: materialId,
        name,
        kind: 'material',
        classId,
        aliases: [],
        version: 1,
      });
    }
    const lots = await manager.countBy(LotEntity, { materialId });
    await manager.insert(LotEntity, {
      id: body.lotId,
      materialId,
      code: String(lots + 1),
      source: null,
      grade: null,
      boughtOn: null,
      price: null,
      packVolume_L: null,
      state: null,
      createdAt: now,
      version: 1,
      ...BOUGHT,
    });
    const replicateCount = protocol.replicates.usual;
    const run = {
      id: body.runId,
      lotId: body.lotId,
      protocolKey: protocol.key,
      replicateCount,
      vesselIds: protocol.usesVessel ? await vesselsFor(manager, replicateCount, now) : [],
      sample: null,
      studentId: null,
      startedBy: me.id,
      startedAt: now,
    };
    await insertRun(manager, run, protocol, defaultSettings(mediaClass, protocol));
    return readSheet(manager, body.runId);
  });
}

async function readSheet(manager: EntityManager, id: string): Promise<RunSheet> {
  const run = await manager.findOneBy(RunEntity, { id });
  if (run === null) throw notFound('run');
  return (await loadSheets(manager, [run]))[0] as RunSheet;
}

export async function sheetFor({ db }: Context, me: Me, id: string): Promise<RunSheet> {
  const run = await db.manager.findOneBy(RunEntity, { id });
  if (run === null) throw notFound('run');
  requireOwnRun(run, me);
  return (await loadSheets(db.manager, [run]))[0] as RunSheet;
}

export async function openSheets({ db }: Context, me: Me): Promise<RunSheet[]> {
  const mine = me.role === 'student' ? { studentId: me.id } : {};
  const runs = await db.manager.find(RunEntity, {
    where: { finishedAt: IsNull(), ...mine },
    order: { startedAt: 'desc' },
  });
  return loadSheets(db.manager, runs);
}

export async function listRuns({ db }: Context, me: Me): Promise<RunRow[]> {
  const mine = me.role === 'student' ? { where: { studentId: me.id } } : {};
  const runs = await db.manager.find(RunEntity, { ...mine, order: { startedAt: 'desc' }, take: LISTED });
  if (runs.length === 0) return [];
  const lots = await db.manager.find(LotEntity, { where: { id: In(runs.map((run) => run.lotId)) } });
  const materials = await db.manager.find(MaterialEntity, { where: { id: In(lots.map((lot) => lot.materialId)) } });
  const users = await db.manager.find(UserEntity);
  const labelOf = await protocolLabels(db.manager);
  return runs.map((run) => {
    const lot = lots.find((one) => one.id === run.lotId) as LotEntity;
    return {
      id: run.id,
      number: run.number,
      lotId: run.lotId,
      lotName: materials.find((one) => one.id === lot.materialId)?.name ?? '',
      lotCode: lot.code,
      protocolLabel: labelOf(run.protocolKey, run.protocolVersion),
      startedAt: run.startedAt.toISOString(),
      startedBy: users.find((user) => user.id === run.startedBy)?.name ?? '',
      ...(run.finishedAt === null ? {} : { finishedAt: run.finishedAt.toISOString() }),
    };
  });
}

/** Takes a replicate out of the results, in sight; once given, a reason stands. */
export async function exclude({ db, clock }: Context, me: Me, runId: string, body: NewExclusion): Promise<RunSheet> {
  return db.transaction(async (manager) => {
    const run = await manager.findOne(RunEntity, { where: { id: runId }, lock: { mode: 'pessimistic_write' } });
    if (run === null) throw notFound('run');
    requireOwnRun(run, me);
    if (body.replicate >= run.replicateCount)
      throw refused('replicate', `This run has ${String(run.replicateCount)} replicates.`);
    const excluded = await manager.findBy(ExclusionEntity, { runId });
    const known = excluded.find((one) => one.replicate === body.replicate);
    if (known !== undefined && known.id !== body.id)
      throw conflict('This replicate is excluded already.', known.reason);
    if (known === undefined) {
      if (excluded.length + 1 >= run.replicateCount)
        throw refused('replicate', 'The last replicate cannot be excluded; make a new run.');
      const { id, replicate, reason } = body;
      await manager.insert(ExclusionEntity, {
        id,
        runId,
        replicate,
        reason,
        byUser: me.id,
        keptAt: new Date(clock.now()),
      });
    }
    return readSheet(manager, runId);
  });
}

/** What a run is read with from now on; readings that are kept stay as they were stamped. */
export async function chooseInstruments(
  { db }: Context,
  me: Me,
  runId: string,
  body: RunInstruments,
): Promise<RunSheet> {
  return db.transaction(async (manager) => {
    const run = await manager.findOneBy(RunEntity, { id: runId });
    if (run === null) throw notFound('run');
    requireOwnRun(run, me);
    await requireOneOfAKind(manager, body.instrumentIds);
    await manager.update(RunEntity, { id: runId }, { instrumentIds: body.instrumentIds });
    return readSheet(manager, runId);
  });
}

/** Finishes a run whose cells are filled; finishing it again changes nothing. */
export async function finishRun({ db, clock }: Context, me: Me, runId: string): Promise<RunSheet> {
  return db.transaction(async (manager) => {
    const run = await manager.findOne(RunEntity, { where: { id: runId }, lock: { mode: 'pessimistic_write' } });
    if (run === null) throw notFound('run');
    requireOwnRun(run, me);
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
    await manager.update(RunEntity, { id: runId }, { finishedAt: new Date(clock.now()) });
    return readSheet(manager, runId);
  });
}
