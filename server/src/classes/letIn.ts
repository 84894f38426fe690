import type { ClassPage, LetIn } from '@bent-pail/contract';
import { defaultSettings, findMediaClass, timesOf, type Readings } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { Context } from '../context';
import { insertRun } from '../bench/insertRun';
import { changeRun, insertReading as insertRunReading, runOf } from '../bench/runRepository';
import { keepRunRows } from '../bench/runRows';
import { keepOnce } from '../database/keepOnce';
import type { Principal } from '../http/principal';
import { conflict, notFound, refused } from '../http/problems';
import { requireProtocol } from '../protocols/service';
import { lotsNamed } from '../shelf/repository';
import { stampFinished } from '../vessels/takeUp';
import { potOf, requireClass, sheetOf, toReading } from './classPage';
import { groupOf, insertClassRun, readingsOf, runsOf, samplesOf } from './repository';
import { pageOf } from './service';

/** A cell of the bench's sheet, from one of the group's. */
interface Cell {
  readonly replicate: number;
  readonly step: string;
  readonly value: number;
  readonly takenAt: Date;
}

/**
 * Makes what a group found on a sample a finished run of its lot, in the teacher's name: from then on it counts in
 * predictions. Only whole times of a sheet that the bench knows.
 */
export async function letIn(context: Context, who: Principal, classId: string, body: LetIn): Promise<ClassPage> {
  const { db, clock } = context;
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.runId, what: 'run', said: { ...body, classId } }, async () => {
      const { cells, lotId, vesselId, protocolKey, number } = await whatToKeep(manager, classId, body);
      const protocol = await requireProtocol(manager, protocolKey);
      const replicateCount = 1 + Math.max(...cells.map(({ replicate }) => replicate));
      const now = new Date(clock.now());
      const [lot] = await lotsNamed(manager, [lotId]);
      const settings = defaultSettings(findMediaClass(lot?.classId ?? ''), protocol);
      await insertRun(
        manager,
        {
          id: body.runId,
          lotId,
          protocolKey,
          replicateCount,
          vesselIds: protocol.usesVessel ? Array.from({ length: replicateCount }, () => vesselId) : [],
          sample: null,
          groupName: `Group ${String(number)} of a class`,
          startedBy: who.id,
          startedAt: new Date(Math.min(...cells.map(({ takenAt }) => takenAt.getTime()))),
        },
        protocol,
        settings,
      );
      for (const [i, cell] of cells.entries())
        await insertRunReading(manager, {
          id: uuidv7(),
          runId: body.runId,
          seq: i + 1,
          ...cell,
          mVTemp_C: null,
          unit: protocol.steps.find(({ key }) => key === cell.step)?.unit ?? '',
          keptAt: now,
          byUser: who.id,
          corrects: null,
          reason: null,
          instrumentId: null,
          calibrationId: null,
          calibrationReadings: null,
        });
      const run = await runOf(manager, body.runId);
      if (run === null) throw notFound('run');
      await changeRun(manager, run.id, { finishedAt: now });
      await stampFinished(manager, run, who, now);
      await keepRunRows(manager, { ...run, finishedAt: now, readingSeq: cells.length });
      await insertClassRun(manager, body);
    }),
  );
  return pageOf(context, classId);
}

interface ToKeep {
  readonly cells: readonly Cell[];
  readonly lotId: string;
  readonly vesselId: string;
  readonly protocolKey: string;
  readonly number: number;
}

async function whatToKeep(manager: EntityManager, classId: string, { groupId, sampleId }: LetIn): Promise<ToKeep> {
  const row = await requireClass(manager, classId);
  const group = await groupOf(manager, groupId);
  if (group?.classId !== classId) throw notFound('group');
  const sample = (await samplesOf(manager, classId)).find(({ id }) => id === sampleId);
  if (sample === undefined) throw notFound('sample');
  if ((await runsOf(manager, [groupId])).some((run) => run.sampleId === sampleId))
    throw conflict('This group’s results are a run already.');
  const sheet = sheetOf(row);
  const { bench } = sheet;
  if (bench === undefined)
    throw refused('class', 'The bench has no sheet of this kind; the figures stay with the class.');
  const pot = await potOf(manager, row);
  if (sheet.potStep !== undefined && (pot === undefined || row.vesselId === null))
    throw refused('class', 'The bench has to know the pot: name a measured one when a class begins.');
  const readings = (await readingsOf(manager, [groupId])).filter((one) => one.sampleId === sampleId);
  const times = timesOf(sheet, readings.map(toReading), row.plan.repeats, pot?.volume_mL);
  const wanted = Object.keys(bench.steps);
  const whole = times.flatMap((time: Readings, repeat) =>
    wanted.every((step) => time[step] !== undefined) ? [repeat] : [],
  );
  if (whole.length === 0) throw refused('groupId', 'This group’s sheet is not full; nothing of it can count.');
  const cells = whole.flatMap((repeat, replicate) =>
    wanted.map((step): Cell => {
      const reading = readings.findLast((one) => one.repeat === repeat && one.step === step);
      return {
        replicate,
        step: bench.steps[step] as string,
        value: times[repeat]?.[step] as number,
        takenAt: reading?.takenAt ?? row.beganAt,
      };
    }),
  );
  return {
    cells,
    lotId: sample.lotId,
    vesselId: row.vesselId ?? '',
    protocolKey: bench.protocol,
    number: group.number,
  };
}
