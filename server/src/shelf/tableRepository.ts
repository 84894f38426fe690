import type { EntityManager } from 'typeorm';
import type { FigureRow } from '../cards/workedOut';
import { AT_A_TIME, type Wanted } from '../exports/table';

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
