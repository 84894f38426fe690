import type { EntityManager } from 'typeorm';
import { AT_A_TIME, byPages, type Wanted } from '../exports/table';

/** A price as it was seen. */
export interface PriceToTell {
  readonly id: string;
  readonly material: string;
  readonly lot: string;
  readonly seenOn: string;
  readonly price: number;
  readonly form: string;
  readonly pack_L: number | null;
  readonly pack_kg: number | null;
  readonly delivery: number | null;
  readonly place: string | null;
  readonly by: string;
}

/** Every price that was seen, some at a time. */
export const pricesToTell = (manager: EntityManager, { lot }: Wanted): AsyncGenerator<readonly PriceToTell[]> =>
  byPages((after) =>
    manager.query<PriceToTell[]>(
      `select p.id, m.name as material, l.code as lot, p.seen_on::text as "seenOn", p.price, p.form, p.pack_l as "pack_L",
         p.pack_kg, p.delivery, p.place, u.name as by
       from prices p join lots l on l.id = p.lot_id join materials m on m.id = l.material_id join users u on u.id = p.by_user
       where p.id > $1 and ($2::uuid[] is null or l.id = any ($2)) order by p.id limit ${String(AT_A_TIME.figures)}`,
      [after, lot ?? null],
    ),
  );
