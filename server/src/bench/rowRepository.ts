import type { Exclusion, RunWaits } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { METHODS_STAMP } from '../cards/methods';
import type { RunEntity } from './entities';
import type { RunFigureRow } from './runFigures';

/** What of a reading the next step of its run depends on. */
export interface ReadingRow {
  readonly id: string;
  readonly replicate: number;
  readonly step: string;
  readonly value: number;
  readonly takenAt: Date;
  readonly corrects: string | null;
}

/** What stands on a sheet in this transaction, as far as what comes next depends on it. */
export async function sheetNow(
  manager: EntityManager,
  runId: string,
): Promise<{ readonly readings: readonly ReadingRow[]; readonly exclusions: readonly Exclusion[] }> {
  const readings = await manager.query<ReadingRow[]>(
    `select id, replicate, step, value, taken_at as "takenAt", corrects from readings r where run_id = $1
       and not exists (select 1 from taken_back t where t.reading_id = r.id) order by seq`,
    [runId],
  );
  const exclusions = await manager.query<Exclusion[]>(
    `select replicate, reason from exclusions e where run_id = $1
       and not exists (select 1 from taken_back t where t.exclusion_id = e.id) order by replicate`,
    [runId],
  );
  return { readings, exclusions };
}

export async function writeWaits(manager: EntityManager, run: RunEntity, waits: RunWaits): Promise<void> {
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

/** A run that was put away waits for nothing and came to nothing. */
export async function forgetRows(manager: EntityManager, runId: string): Promise<void> {
  await manager.query('delete from run_states where run_id = $1', [runId]);
  await forgetFigures(manager, runId);
}

/** A run that is open again has come to nothing yet. */
export async function forgetFigures(manager: EntityManager, runId: string): Promise<void> {
  await manager.query('delete from run_figures where run_id = $1', [runId]);
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

/** Open runs whose waits are not kept, or were had by other methods. */
export async function runsLackingWaits(manager: EntityManager): Promise<readonly string[]> {
  const lacking = await manager.query<{ id: string }[]>(
    `select r.id from runs r where r.finished_at is null and r.archived_at is null
       and not exists (select 1 from run_states s where s.run_id = r.id and s.methods = $1)`,
    [METHODS_STAMP],
  );
  return lacking.map(({ id }) => id);
}
