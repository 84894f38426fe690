import { runWaits, type Protocol } from '@bent-pail/core';
import type { DataSource, EntityManager } from 'typeorm';
import type { RunEntity } from './entities';
import { optional } from '../database/optional';
import { protocolOfRun } from '../protocols/repository';
import { classOf, lotAndMaterial } from '../shelf/lotRepository';
import { runsLackingWaits, sheetNow, writeFigures, writeWaits } from './rowRepository';
import { figuresOfRun } from './runFigures';
import { loadRunRows, settingsOf, toRecord } from './runRecords';
import { heldRun } from './runRepository';

/** Keeps what an open run waits for, by its readings as they are in this transaction. */
export async function keepWaits(manager: EntityManager, run: RunEntity, protocol: Protocol): Promise<void> {
  const { readings, exclusions } = await sheetNow(manager, run.id);
  const waits = runWaits({
    id: run.id,
    number: run.number,
    protocol,
    settings: settingsOf(run),
    replicateCount: run.replicateCount,
    vessels: [],
    readings: readings.map(({ takenAt, corrects, ...reading }) => ({
      ...reading,
      takenAt: takenAt.toISOString(),
      ...optional('corrects', corrects),
    })),
    exclusions,
  });
  await writeWaits(manager, run, waits);
}

/** The figures of a run that is finished in this transaction, or was before. */
async function keepFigures(manager: EntityManager, run: RunEntity): Promise<void> {
  const rows = await loadRunRows(manager, [run]);
  const { lot, material } = await lotAndMaterial(manager, run.lotId);
  await writeFigures(manager, run.id, figuresOfRun(toRecord(rows, run, classOf(lot, material))));
}

/** The run's own rows, by what is kept of it in this transaction: what it waits for, or what it came to. */
export async function keepRunRows(manager: EntityManager, run: RunEntity): Promise<void> {
  if (run.finishedAt === null) await keepWaits(manager, run, await protocolOfRun(manager, run));
  else await keepFigures(manager, run);
}

/** Keeps what open runs wait for where that is not kept, or was had by other methods. */
export async function keepMissingWaits(db: DataSource): Promise<void> {
  for (const id of await runsLackingWaits(db.manager))
    await db.transaction(async (manager) => {
      const run = await heldRun(manager, id);
      if (run?.finishedAt === null && run.archivedAt === null) await keepRunRows(manager, run);
    });
}
