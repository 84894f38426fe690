import type { EntityManager } from 'typeorm';
import type { FigureRow } from '../cards/workedOut';
import { AT_A_TIME, BEFORE_ALL, byPages, type Wanted } from '../exports/table';

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
  for (let after: readonly [string, number] = [BEFORE_ALL, -1]; ;) {
    const rows: CardFigureRow[] = await manager.query<CardFigureRow[]>(
      `select f.lot_id as "lotId", f.place, m.name as material, l.code as lot, f.property, f.method, f.origin, f.mean, f.sd, f.se,
         f.n, f.words, f.trouble, runs.numbers as runs, runs.newest
       from lot_figures f join lots l on l.id = f.lot_id join materials m on m.id = l.material_id
       left join lateral (
         select string_agg(r.number::text, ' ' order by r.finished_at desc) as numbers, max(r.finished_at) as newest
         from runs r where r.id = any (f.run_ids)) runs on true
       where (f.lot_id, f.place) > ($1::uuid, $2) and ($3::uuid[] is null or l.id = any ($3))
       order by f.lot_id, f.place limit ${String(AT_A_TIME.figures)}`,
      [...after, lot ?? null],
    );
    const last = rows.at(-1);
    if (last === undefined) return;
    yield rows;
    after = [last.lotId, last.place];
  }
}

/** A lot as it stands on the shelf. */
export interface LotToTell {
  readonly id: string;
  readonly material: string;
  readonly lot: string;
  readonly kind: string;
  readonly classId: string | null;
  readonly source: string | null;
  readonly grade: string | null;
  readonly boughtOn: string | null;
  readonly price: number | null;
  readonly packVolume_L: number | null;
  readonly packWeight_kg: number | null;
  readonly state: string | null;
  readonly preparedFrom: string | null;
  readonly away: boolean;
  readonly createdAt: Date;
}

/** The lots, put away or not, some at a time. */
export const lotsToTell = (manager: EntityManager, { lot }: Wanted): AsyncGenerator<readonly LotToTell[]> =>
  byPages((after) =>
    manager.query<LotToTell[]>(
      `select l.id, m.name as material, l.code as lot, m.kind, coalesce(l.class_id, case when not l.own_class then m.class_id end) as "classId",
         l.source, l.grade, l.bought_on::text as "boughtOn", l.price::float8 as price, l.pack_volume_l as "packVolume_L",
         l.pack_weight_kg as "packWeight_kg", l.state, f.code as "preparedFrom",
         l.archived_at is not null or m.archived_at is not null as away, l.created_at as "createdAt"
       from lots l join materials m on m.id = l.material_id left join lots f on f.id = l.prepared_from
       where l.id > $1 and ($2::uuid[] is null or l.id = any ($2)) order by l.id limit ${String(AT_A_TIME.figures)}`,
      [after, lot ?? null],
    ),
  );
