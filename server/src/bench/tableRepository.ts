import type { EntityManager } from 'typeorm';
import { namesOf } from '../accounts/repository';
import { AT_A_TIME, byPages, type Wanted } from '../exports/table';
import { lotRowsNamed, materialsNamed } from '../shelf/lotRepository';
import { RunEntity } from './entities';
import type { RunFigureRow } from './runFigures';
import { loadRunRows, type RunRows } from './runRecords';

/** Some runs with their readings, and what they are called by. */
export interface RunsToTell {
  readonly runs: readonly RunEntity[];
  readonly rows: RunRows;
  readonly lotOf: (run: RunEntity) => { readonly material: string; readonly lot: string };
  readonly nameOf: (userId: string) => string | undefined;
}

/** Runs by their number, some at a time, with all their readings. */
export async function* runsToTell(manager: EntityManager, { run, lot }: Wanted): AsyncGenerator<RunsToTell> {
  for (let after = 0; ;) {
    const query = manager
      .createQueryBuilder(RunEntity, 'run')
      .where('run.number > :after and run.archived_at is null', { after })
      .orderBy('run.number')
      .take(AT_A_TIME.runs);
    if (run !== undefined) query.andWhere('run.id = any(:run)', { run });
    if (lot !== undefined) query.andWhere('run.lot_id = any(:lot)', { lot });
    const runs = await query.getMany();
    const last = runs.at(-1);
    if (last === undefined) return;
    after = last.number;
    const rows = await loadRunRows(manager, runs);
    const lots = await lotRowsNamed(
      manager,
      runs.map(({ lotId }) => lotId),
    );
    const materials = await materialsNamed(
      manager,
      lots.map(({ materialId }) => materialId),
    );
    const names = await namesOf(
      manager,
      rows.readings.map(({ byUser }) => byUser),
    );
    yield {
      runs,
      rows,
      lotOf: ({ lotId }) => {
        const own = lots.find(({ id }) => id === lotId);
        return { material: materials.find(({ id }) => id === own?.materialId)?.name ?? '', lot: own?.code ?? '' };
      },
      nameOf: (userId) => names.get(userId),
    };
  }
}

/** A figure of a finished run, with the run that it belongs to. */
export interface ResultRow extends RunFigureRow {
  readonly run: number;
  readonly finishedAt: Date;
  readonly protocol: string;
  readonly material: string;
  readonly lot: string;
  readonly sample: RunEntity['sample'];
  readonly place: number;
}

/** What finished runs came to, run by run, some at a time. */
export async function* resultsToTell(
  manager: EntityManager,
  { run, lot }: Wanted,
): AsyncGenerator<readonly ResultRow[]> {
  for (let after: readonly [number, number] = [0, -1]; ;) {
    const rows: ResultRow[] = await manager.query<ResultRow[]>(
      `select r.number as run, r.finished_at as "finishedAt", r.protocol_key || '@' || r.protocol_version as protocol,
         m.name as material, l.code as lot, r.sample, f.place, f.property, f.mean, f.sd, f.se, f.n, f.words, f.trouble
       from run_figures f join runs r on r.id = f.run_id join lots l on l.id = r.lot_id join materials m on m.id = l.material_id
       where (r.number, f.place) > ($1, $2) and ($3::uuid[] is null or r.id = any ($3)) and ($4::uuid[] is null or l.id = any ($4))
       order by r.number, f.place limit ${String(AT_A_TIME.figures)}`,
      [...after, run ?? null, lot ?? null],
    );
    const last = rows.at(-1);
    if (last === undefined) return;
    yield rows;
    after = [last.run, last.place];
  }
}

/** A run as lists show it. */
export interface RunToTell {
  readonly id: string;
  readonly run: number;
  readonly protocol: string;
  readonly material: string;
  readonly lot: string;
  readonly replicates: number;
  readonly group: string | null;
  readonly by: string;
  readonly startedAt: Date;
  readonly finishedAt: Date | null;
  readonly away: boolean;
  readonly readings: number;
}

/** Runs, open ones and those that were put away as well, some at a time. */
export const runsListed = (manager: EntityManager, { run, lot }: Wanted): AsyncGenerator<readonly RunToTell[]> =>
  byPages((after) =>
    manager.query<RunToTell[]>(
      `select r.id, r.number as run, r.protocol_key || '@' || r.protocol_version as protocol, m.name as material, l.code as lot,
         r.replicate_count as replicates, r.group_name as "group", u.name as by, r.started_at as "startedAt",
         r.finished_at as "finishedAt", r.archived_at is not null as away,
         (select count(*)::int from readings x where x.run_id = r.id) as readings
       from runs r join lots l on l.id = r.lot_id join materials m on m.id = l.material_id join users u on u.id = r.started_by
       where r.id > $1 and ($2::uuid[] is null or r.id = any ($2)) and ($3::uuid[] is null or l.id = any ($3))
       order by r.id limit ${String(AT_A_TIME.figures)}`,
      [after, run ?? null, lot ?? null],
    ),
  );
