import type { RunFigureRow } from '../bench/runFigures';
import type { FigureRow } from '../cards/workedOut';
import { In, type EntityManager } from 'typeorm';
import { loadRunRows, type RunRows } from '../bench/runRecords';
import { UserEntity } from '../accounts/entities';
import { RunEntity } from '../bench/entities';
import { LotEntity, MaterialEntity } from '../shelf/entities';

/** All of a table, or what belongs to one run or one lot. */
export interface Wanted {
  readonly run: string | undefined;
  readonly lot: string | undefined;
}

/** Rows read at a time: a whole notebook never stands in memory. */
const AT_A_TIME = Object.freeze({ runs: 40, figures: 2000 });

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
      .where('run.number > :after', { after })
      .orderBy('run.number')
      .take(AT_A_TIME.runs);
    if (run !== undefined) query.andWhere('run.id = :run', { run });
    if (lot !== undefined) query.andWhere('run.lot_id = :lot', { lot });
    const runs = await query.getMany();
    const last = runs.at(-1);
    if (last === undefined) return;
    after = last.number;
    const rows = await loadRunRows(manager, runs);
    const lots = await manager.findBy(LotEntity, { id: In(runs.map(({ lotId }) => lotId)) });
    const materials = await manager.findBy(MaterialEntity, { id: In(lots.map(({ materialId }) => materialId)) });
    const users = await manager.findBy(UserEntity, { id: In([...new Set(rows.readings.map(({ byUser }) => byUser))]) });
    const names = new Map(users.map(({ id, name }) => [id, name]));
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
       where (r.number, f.place) > ($1, $2) and ($3::uuid is null or r.id = $3) and ($4::uuid is null or l.id = $4)
       order by r.number, f.place limit ${String(AT_A_TIME.figures)}`,
      [...after, run ?? null, lot ?? null],
    );
    const last = rows.at(-1);
    if (last === undefined) return;
    yield rows;
    after = [last.run, last.place];
  }
}

/** A figure of a card, with the lot that it belongs to and the runs that it rests on. */
export interface CardFigureRow extends FigureRow {
  readonly lotId: string;
  readonly place: number;
  readonly material: string;
  readonly lot: string;
  readonly runs: string | null;
  readonly newest: Date | null;
}

/** Every figure of the cards, lot by lot, some at a time. */
export async function* cardsToTell(manager: EntityManager, { lot }: Wanted): AsyncGenerator<readonly CardFigureRow[]> {
  for (let after: readonly [string, number] = ['00000000-0000-0000-0000-000000000000', -1]; ;) {
    const rows: CardFigureRow[] = await manager.query<CardFigureRow[]>(
      `select f.lot_id as "lotId", f.place, m.name as material, l.code as lot, f.property, f.method, f.origin, f.mean, f.sd, f.se,
         f.n, f.words, f.trouble, runs.numbers as runs, runs.newest
       from lot_figures f join lots l on l.id = f.lot_id join materials m on m.id = l.material_id
       left join lateral (
         select string_agg(r.number::text, ' ' order by r.finished_at desc) as numbers, max(r.finished_at) as newest
         from runs r where r.id = any (f.run_ids)) runs on true
       where (f.lot_id, f.place) > ($1::uuid, $2) and ($3::uuid is null or l.id = $3)
       order by f.lot_id, f.place limit ${String(AT_A_TIME.figures)}`,
      [...after, lot ?? null],
    );
    const last = rows.at(-1);
    if (last === undefined) return;
    yield rows;
    after = [last.lotId, last.place];
  }
}
