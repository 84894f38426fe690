import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Photos of pots beside those of lots; which version of its blend fills a pot, and what it was repotted into. */
export class Albums1767500000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      alter table lot_photos rename to album_photos;
      alter index lot_photos_pkey rename to album_photos_pkey;
      alter index lot_photos_lot rename to album_photos_lot;
      alter table album_photos
        alter column lot_id drop not null,
        add column pot_id uuid references filled_pots (id),
        add constraint album_photos_of_one check (num_nonnulls(lot_id, pot_id) = 1);
      create index album_photos_pot on album_photos (pot_id);

      alter table filled_pots add column blend_n int;
      update filled_pots p set blend_n = (
        select coalesce(max(v.n) filter (where v.kept_at <= p.kept_at), max(v.n))
        from blend_versions v where v.blend_id = p.blend_id
      ) where p.blend_id is not null;
      alter table filled_pots add constraint filled_pots_version check ((blend_id is null) = (blend_n is null));

      alter table pot_entries
        add column blend_id uuid references blends (id),
        add column blend_n int,
        add column lot_id uuid references lots (id),
        add column shape jsonb,
        add constraint pot_entries_medium check (
          num_nonnulls(blend_id, lot_id) <= 1 and (blend_id is null) = (blend_n is null)
          and (kind = 'repotted' or num_nonnulls(blend_id, lot_id, shape) = 0)
        );
      create index pot_entries_repotted on pot_entries (pot_id, at desc) where kind = 'repotted';

      -- What fills a pot now, and which pot it is: as it was filled, or as it was repotted since.
      create view pots_now as
        select p.id, x.blend_id, x.blend_n, x.lot_id, coalesce(b.name, concat_ws(', ', m.name, l.code)) as medium,
          coalesce(s.shape, p.shape) as shape
        from filled_pots p
        left join lateral (
          select true as is_other, e.blend_id, e.blend_n, e.lot_id from pot_entries e
          where e.pot_id = p.id and e.kind = 'repotted' and num_nonnulls(e.blend_id, e.lot_id) = 1
          order by e.at desc, e.kept_at desc limit 1
        ) r on true
        left join lateral (
          select e.shape from pot_entries e
          where e.pot_id = p.id and e.kind = 'repotted' and e.shape is not null
          order by e.at desc, e.kept_at desc limit 1
        ) s on true
        cross join lateral (
          select case when r.is_other then r.blend_id else p.blend_id end as blend_id,
            case when r.is_other then r.blend_n else p.blend_n end as blend_n,
            case when r.is_other then r.lot_id else p.lot_id end as lot_id
        ) x
        left join blends b on b.id = x.blend_id
        left join lots l on l.id = x.lot_id left join materials m on m.id = l.material_id;
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      drop view pots_now;
      alter table pot_entries drop column blend_id, drop column blend_n, drop column lot_id, drop column shape;
      drop index pot_entries_repotted;
      alter table filled_pots drop column blend_n;
      delete from album_photos where lot_id is null;
      alter table album_photos drop column pot_id, alter column lot_id set not null;
      alter table album_photos rename to lot_photos;
      alter index album_photos_pkey rename to lot_photos_pkey;
      alter index album_photos_lot rename to lot_photos_lot;
    `);
  }
}
