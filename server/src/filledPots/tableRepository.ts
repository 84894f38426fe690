import type { EntityManager } from 'typeorm';
import { AT_A_TIME, BEFORE_ALL } from '../exports/table';
import type { PotEntryEntity } from './entities';

/** A line with what is said of its pot, and who wrote it. */
export interface LineToTell extends Omit<
  PotEntryEntity,
  'byUser' | 'keptAt' | 'blendId' | 'blendN' | 'lotId' | 'shape'
> {
  readonly pot: string;
  readonly medium: string;
  readonly plant: string | null;
  readonly place: string | null;
  readonly by: string;
}

/** Lines by pot and time, some at a time. */
export async function* linesToTell(
  manager: EntityManager,
  potIds: readonly string[] | undefined,
): AsyncGenerator<readonly LineToTell[]> {
  for (let after: readonly [string, Date, string] = [BEFORE_ALL, new Date(0), BEFORE_ALL]; ;) {
    const rows: LineToTell[] = await manager.query<LineToTell[]>(
      `select e.id, e.pot_id as "potId", e.at, e.kind, e.volume_ml as "volume_mL", e.mass_g, e.depth_cm, e.feed, e.pour,
         e.signs, e.stand, e.words, p.name as pot, h.medium, p.plant,
         coalesce(p.place, pl.name) as place, u.name as by
       from pot_entries e join filled_pots p on p.id = e.pot_id join users u on u.id = e.by_user
         join pots_now h on h.id = p.id left join places pl on pl.id = p.place_id
       where (e.pot_id, e.at, e.id) > ($1::uuid, $2::timestamptz, $3::uuid) and ($4::uuid[] is null or e.pot_id = any ($4))
       order by e.pot_id, e.at, e.id limit ${String(AT_A_TIME.figures)}`,
      [...after, potIds ?? null],
    );
    const last = rows.at(-1);
    if (last === undefined) return;
    yield rows;
    after = [last.potId, last.at, last.id];
  }
}
