import type { KeptReading, NewReading } from '@bent-pail/contract';
import { readingRefusal } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import type { Context } from '../context';
import type { ReadingEntity } from './entities';
import { stampColumns, stampReader } from '../instruments/stamps';
import type { Principal } from '../http/principal';
import { conflict, refused } from '../http/problems';
import { protocolOfRun } from '../protocols/repository';
import { toReading } from './toReading';
import { holdRun, requireOnBench } from './requireRun';
import { correctionOf, insertReading, readingOf } from './runRepository';
import { keepRunRows } from './runRows';

/** A taken time may run ahead of the server's clock by this much before it is doubted. */
const AHEAD_MS = 24 * 3600 * 1000;

/** Letters that a reason has at least. */
const LEAST_REASON = 3;

async function toKept(manager: EntityManager, row: ReadingEntity, who?: Principal): Promise<KeptReading> {
  const stampOfReading = await stampReader(manager, [row]);
  return toReading(row, new Map(who === undefined ? [] : [[row.byUser, who.name]]), stampOfReading(row));
}

function sameReading(row: ReadingEntity, runId: string, body: NewReading): boolean {
  return (
    row.runId === runId &&
    row.replicate === body.replicate &&
    row.step === body.step &&
    row.value === body.value &&
    row.mVTemp_C === (body.mVTemp_C ?? null) &&
    row.takenAt.getTime() === Date.parse(body.takenAt) &&
    row.corrects === (body.corrects ?? null) &&
    row.reason === (body.reason ?? null)
  );
}

async function requireCorrectable(manager: EntityManager, runId: string, body: NewReading): Promise<void> {
  if (body.corrects === undefined) return;
  if ((body.reason ?? '').trim().length < LEAST_REASON) {
    throw refused('reason', 'Say why it is corrected; the old value stays beside it.');
  }
  const old = await readingOf(manager, body.corrects);
  const sameCell = old?.runId === runId && old.replicate === body.replicate && old.step === body.step;
  if (!sameCell) {
    throw refused('corrects', 'A correction must name a reading of the same cell.');
  }
  const already = await correctionOf(manager, body.corrects);
  if (already !== null) {
    throw conflict('Somebody has corrected this reading already; look at both.', await toKept(manager, already));
  }
}

/**
 * Keeps one reading. When this returns, PostgreSQL has committed it.
 *
 * The same id with the same body gives the first answer again; with another body it is a conflict. The run's row is
 * locked while the reading takes its place in the run's order, so two people cannot take the same one.
 */
export async function keepReading(
  { db, clock }: Context,
  who: Principal,
  runId: string,
  body: NewReading,
): Promise<KeptReading> {
  return db.transaction(async (manager) => {
    const run = await holdRun(manager, runId);
    const known = await readingOf(manager, body.id);
    if (known !== null) {
      if (sameReading(known, runId, body)) return toKept(manager, known, who);
      throw conflict('A reading with this id is kept with other content.', await toKept(manager, known));
    }
    requireOnBench(run);
    if (run.finishedAt !== null && body.corrects === undefined) {
      throw refused('run', 'This run is finished: a reading can only be corrected, with a reason.');
    }
    const protocol = await protocolOfRun(manager, run);
    const sentence = readingRefusal(protocol, body);
    if (sentence !== undefined) throw refused('value', sentence);
    if (body.replicate >= run.replicateCount)
      throw refused('replicate', `This run has ${String(run.replicateCount)} replicates.`);
    const now = clock.now();
    if (Date.parse(body.takenAt) > now + AHEAD_MS)
      throw refused(
        'takenAt',
        'This reading says that it was taken in the future: look at the clock of the bench computer, and of this device.',
      );
    await requireCorrectable(manager, runId, body);

    const seq = run.readingSeq + 1;
    const step = protocol.steps.find((one) => one.key === body.step);
    const takenAt = new Date(body.takenAt);
    const row: ReadingEntity = {
      id: body.id,
      runId,
      seq,
      replicate: body.replicate,
      step: body.step,
      value: body.value,
      mVTemp_C: body.mVTemp_C ?? null,
      unit: body.mVTemp_C === undefined ? (step?.unit ?? '') : 'mV',
      takenAt,
      keptAt: new Date(now),
      byUser: who.id,
      corrects: body.corrects ?? null,
      reason: body.reason ?? null,
      ...(await stampColumns(manager, run.instrumentIds, step?.kind, takenAt)),
    };
    await insertReading(manager, row);
    await keepRunRows(manager, { ...run, readingSeq: seq });
    return toKept(manager, row, who);
  });
}
