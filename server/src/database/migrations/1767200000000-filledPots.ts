import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Pots and beds that were filled, and their diaries, to which lines are only added. */
export class FilledPots1767200000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table filled_pots (
        id uuid primary key,
        name text not null,
        count int not null check (count > 0),
        medium_kind text not null check (medium_kind in ('blend', 'lot')),
        blend_id uuid references blends (id),
        lot_id uuid references lots (id),
        shape jsonb not null,
        plant text,
        filled_on date not null,
        fill_cm double precision check (fill_cm > 0),
        stand text not null,
        place text,
        by_user uuid not null references users (id),
        kept_at timestamptz not null,
        check ((medium_kind = 'blend') = (blend_id is not null)),
        check ((medium_kind = 'lot') = (lot_id is not null))
      );
      create index filled_pots_name on filled_pots (lower(name), id);
      create table pot_entries (
        id uuid primary key,
        pot_id uuid not null references filled_pots (id),
        at timestamptz not null,
        kind text not null,
        volume_ml double precision check (volume_ml > 0),
        mass_g double precision check (mass_g > 0),
        depth_cm double precision check (depth_cm > 0),
        words text,
        by_user uuid not null references users (id),
        kept_at timestamptz not null
      );
      create index pot_entries_pot on pot_entries (pot_id, at desc);
      create trigger pot_entries_stand before update or delete on pot_entries
        for each row execute function refuse_change();
      create trigger pot_entries_stand_all before truncate on pot_entries
        for each statement execute function refuse_change();
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('drop table pot_entries; drop table filled_pots');
  }
}
