import type { PlaceRow } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import { optional } from '../database/optional';
import { PlaceEntity } from './entities';

type Row = Omit<PlaceRow, 'soil' | 'hardness_mgL'> & {
  readonly soil: PlaceRow['soil'] | null;
  readonly hardness_mgL: number | null;
};

/** A pot without diameters is taken as 20 cm across. */
const TOP_M2 = `pi() / 4 * power(coalesce((h.shape->>'topDiameter_cm')::double precision, 20) / 100, 2)`;

/** All places by name, each with what stands there. */
export async function allPlaces(manager: EntityManager): Promise<PlaceRow[]> {
  const rows = await manager.query<Row[]>(
    `select l.id, l.name, l.months, l.windy, l.stands_on as "on", l.soil, l.hardness as "hardness_mgL",
       coalesce(sum(p.count), 0)::int as pots, coalesce(sum(p.count * ${TOP_M2}), 0) as top_m2,
       coalesce(sum(p.count * w.year_l), 0) as "topUp_L"
     from places l
     left join filled_pots p on p.place_id = l.id
       and not exists (select from pot_entries e where e.pot_id = p.id and e.kind = 'emptied')
     left join pots_now h on h.id = p.id
     left join pot_watches w on w.pot_id = p.id
     group by l.id order by lower(l.name)`,
  );
  return rows.map(({ soil, hardness_mgL, ...row }) => ({
    ...row,
    ...optional('soil', soil ?? null),
    ...optional('hardness_mgL', hardness_mgL),
  }));
}

export const placeOf = (manager: EntityManager, id: string): Promise<PlaceEntity | null> =>
  manager.findOneBy(PlaceEntity, { id });

export const placeCalled = (manager: EntityManager, name: string): Promise<PlaceEntity | null> =>
  manager.createQueryBuilder(PlaceEntity, 'p').where('lower(p.name) = lower(:name)', { name }).getOne();

/** Keeps a place, or corrects it; the pots at it then ask anew. */
export async function keepPlace(manager: EntityManager, place: PlaceEntity): Promise<void> {
  await manager.upsert(PlaceEntity, place, ['id']);
  await manager.query(
    `update pot_watches set wanted = wanted + 1 where pot_id in (select id from filled_pots where place_id = $1)`,
    [place.id],
  );
  await manager.query(`select pg_notify('lot_cards', '')`);
}
