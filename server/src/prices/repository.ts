import type { EntityManager } from 'typeorm';
import { PriceEntity } from './entities';

/** Products on the board at most: the newest lots. */
const MOST_PACKS = 300;

export async function insertPrice(manager: EntityManager, price: PriceEntity): Promise<void> {
  await manager.insert(PriceEntity, price);
}

/** Every price of a lot, newest first. */
export const pricesOfLot = (manager: EntityManager, lotId: string): Promise<PriceEntity[]> =>
  manager.find(PriceEntity, { where: { lotId }, order: { on: 'DESC', keptAt: 'DESC' } });

/** A price that was seen so many days before a lot's newest is history: last season's offer is no offer. */
const STALE_DAYS = 60;

/** A product as it stands on the board: its newest price of a kind, and what the bench knows of its pack. */
export interface PackRow {
  readonly lotId: string;
  readonly name: string;
  readonly code: string;
  readonly kind: PriceEntity['kind'];
  readonly price: number;
  readonly on: string | null;
  readonly form: PriceEntity['form'];
  readonly pack_L: number | null;
  readonly factor: number | null;
  readonly pack_kg: number | null;
  readonly delivery: number | null;
  readonly minutes: number | null;
  readonly place: string | null;
  /** Poured out of the bag, else what a kilogram of it opened to times what the pack weighs. */
  readonly true_L: number | null;
  readonly true_L_se: number | null;
  readonly density_kgL: number | null;
  readonly noted: number;
}

/**
 * Products with a price, each kind of it by its newest; what was paid for a lot without a note is its own price. One
 * question, whatever the number of products.
 */
export const packsOnBoard = (manager: EntityManager): Promise<PackRow[]> =>
  manager.query<PackRow[]>(
    `with product as (
       select l.id, m.name, l.code, l.price::float8 as price, l.pack_volume_l, l.pack_weight_kg, l.bought_on, l.created_at
       from lots l join materials m on m.id = l.material_id
       where m.kind = 'product' order by l.created_at desc limit ${String(MOST_PACKS)}),
     newest as (
       select distinct on (lot_id, kind) * from (
         select *, max(seen_on) over (partition by lot_id) as last_seen from prices
         where lot_id in (select id from product)) p
       where seen_on >= last_seen - ${String(STALE_DAYS)} order by lot_id, kind, seen_on desc, kept_at desc)
     select p.id as "lotId", p.name, p.code, coalesce(n.kind, 'paid') as kind, coalesce(n.price, p.price) as price,
       coalesce(n.seen_on, p.bought_on)::text as "on", coalesce(n.form, 'loose') as form,
       coalesce(n.pack_l, p.pack_volume_l) as "pack_L", n.factor,
       coalesce(n.pack_kg, p.pack_weight_kg) as pack_kg, n.delivery, n.minutes, n.place,
       coalesce(bag.mean, opened.mean * coalesce(n.pack_kg, p.pack_weight_kg)) as "true_L",
       case when bag.mean is null then opened.se * coalesce(n.pack_kg, p.pack_weight_kg) else bag.se end as "true_L_se",
       heft.mean as "density_kgL",
       (select count(*)::int from prices x where x.lot_id = p.id) as noted
     from product p
     left join newest n on n.lot_id = p.id
     left join lateral (select mean, se from lot_figures f where f.lot_id = p.id and f.property = 'bagVolume_L'
       order by f.place limit 1) bag on true
     left join lateral (select mean, se from lot_figures f where f.lot_id = p.id and f.property = 'expansion_LperKg'
       order by f.place limit 1) opened on true
     left join lateral (select mean from lot_figures f where f.lot_id = p.id and f.property = 'heft_gcc'
       order by f.place limit 1) heft on true
     where coalesce(n.price, p.price) is not null
     order by lower(p.name), p.code, kind`,
  );

/** Means of the figures by which products are told apart, of the newest products that have any; one question for all. */
export const measuredProducts = (
  manager: EntityManager,
  figures: readonly string[],
): Promise<{ readonly name: string; readonly code: string; readonly figures: Readonly<Record<string, number>> }[]> =>
  manager.query(
    `with product as (
       select l.id, m.name, l.code from lots l join materials m on m.id = l.material_id
       where m.kind = 'product' order by l.created_at desc limit ${String(MOST_PACKS)}),
     figure as (
       select distinct on (lot_id, property) lot_id, property, mean from lot_figures
       where lot_id in (select id from product) and property = any($1) and origin = 'measured'
       order by lot_id, property, place)
     select p.name, p.code, json_object_agg(f.property, f.mean) as figures
     from product p join figure f on f.lot_id = p.id group by p.id, p.name, p.code order by lower(p.name), p.code`,
    [[...figures]],
  );
