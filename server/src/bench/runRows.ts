import { runWaits, type Exclusion, type Protocol } from '@bent-pail/core';
import type { DataSource, EntityManager } from 'typeorm';
import { METHODS_STAMP } from '../cards/methods';
import { RunEntity } from './entities';
import { MaterialEntity } from '../shelf/entities';
import { optional } from '../database/optional';
import { protocolOfRun } from '../protocols/known';
import { figuresOfRun, type RunFigureRow } from './runFigures';
import { loadRunRows, settingsOf, toRecord } from './runRecords';

interface ReadingRow {
  readonly id: string;
  readonly replicate: number;
  readonly step: string;
  readonly value: number;
  readonly takenAt: Date;
  readonly corrects: string | null;
}

/** Keeps what an open run waits for, by its readings as they are in this transaction. */
export async function keepWaits(manager: EntityManager, run: RunEntity, protocol: Protocol): Promise<void> {
  const readings = await manager.query<ReadingRow[]>(
    `select id, replicate, step, value, taken_at as "takenAt", corrects from readings where run_id = $1 order by seq`,
    [run.id],
  );
  const exclusions = await manager.query<Exclusion[]>(
    'select replicate, reason from exclusions where run_id = $1 order by replicate',
    [run.id],
  );
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
  await manager.query(
    `insert into run_states (run_id, seq, methods, waits) values ($1, $2, $3, $4)
     on conflict (run_id) do update set seq = excluded.seq, methods = excluded.methods, waits = excluded.waits`,
    [run.id, run.readingSeq, METHODS_STAMP, JSON.stringify(waits)],
  );
}

/** Keeps what a finished run came to, and that it waits for nothing any more. */
export async function writeFigures(
  manager: EntityManager,
  runId: string,
  figures: readonly RunFigureRow[],
): Promise<void> {
  await manager.query('delete from run_states where run_id = $1', [runId]);
  await manager.query('delete from run_figures where run_id = $1', [runId]);
  await manager.query(
    `insert into run_figures (run_id, place, property, mean, sd, se, n, words, trouble, method)
     select $1, place, property, mean, sd, se, n, words, trouble, $3
     from rows from (jsonb_to_recordset($2) as (property text, mean float8, sd float8, se float8, n int, words text, trouble jsonb))
       with ordinality as f (property, mean, sd, se, n, words, trouble, place)`,
    [runId, JSON.stringify(figures), METHODS_STAMP],
  );
}

/** The figures of a run that is finished in this transaction, or was before. */
async function keepFigures(manager: EntityManager, run: RunEntity): Promise<void> {
  const rows = await loadRunRows(manager, [run]);
  const material = await manager
    .createQueryBuilder(MaterialEntity, 'm')
    .innerJoin('lots', 'l', 'l.material_id = m.id')
    .where('l.id = :lotId', { lotId: run.lotId })
    .getOneOrFail();
  await writeFigures(manager, run.id, figuresOfRun(toRecord(rows, run, material.classId)));
}

/** A run that is open again has come to nothing yet. */
export async function forgetFigures(manager: EntityManager, runId: string): Promise<void> {
  await manager.query('delete from run_figures where run_id = $1', [runId]);
}

/** The run's own rows, by what is kept of it in this transaction: what it waits for, or what it came to. */
export async function keepRunRows(manager: EntityManager, run: RunEntity): Promise<void> {
  if (run.finishedAt === null) await keepWaits(manager, run, await protocolOfRun(manager, run));
  else await keepFigures(manager, run);
}

/** Finished runs of a lot whose figures are not kept, or were had by other methods. */
export async function runsLackingFigures(manager: EntityManager, lotId: string): Promise<readonly string[]> {
  const rows = await manager.query<{ id: string }[]>(
    `select r.id from runs r where r.lot_id = $1 and r.finished_at is not null
       and not exists (select 1 from run_figures f where f.run_id = r.id and f.method = $2)`,
    [lotId, METHODS_STAMP],
  );
  return rows.map(({ id }) => id);
}

/** Keeps what open runs wait for where that is not kept, or was had by other methods. */
export async function keepMissingWaits(db: DataSource): Promise<void> {
  const lacking = await db.manager.query<{ id: string }[]>(
    `select r.id from runs r where r.finished_at is null
       and not exists (select 1 from run_states s where s.run_id = r.id and s.methods = $1)`,
    [METHODS_STAMP],
  );
  for (const { id } of lacking)
    await db.transaction(async (manager) => {
      const run = await manager.findOne(RunEntity, { where: { id }, lock: { mode: 'pessimistic_write' } });
      if (run?.finishedAt === null) await keepRunRows(manager, run);
    });
}
