import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Prices of products as they were seen, each on its day; only ever added. */
export class Prices1765900000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table prices (
        id uuid primary key,
        lot_id uuid not null references lots (id),
        kind text not null,
        price double precision not null check (price >= 0),
        seen_on date not null,
        form text not null,
        pack_l double precision,
        factor double precision,
        pack_kg double precision,
        delivery double precision,
        minutes double precision,
        place text,
        by_user uuid not null references users (id),
        kept_at timestamptz not null
      );
      create index prices_lot on prices (lot_id, seen_on desc);
      create trigger prices_stand before update or delete on prices for each row execute function refuse_change();
      create trigger prices_stand_all before truncate on prices for each statement execute function refuse_change();
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('drop table prices');
  }
}
