import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What is claimed of a product and what becomes of it: versions of a sheet for each lot, only ever added. */
export class Claims1766300000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table claims_sheets (
        lot_id uuid not null references lots (id),
        version integer not null check (version > 0),
        body jsonb not null,
        by_user uuid not null references users (id),
        kept_at timestamptz not null,
        primary key (lot_id, version)
      );
      create trigger claims_sheets_stand before update or delete on claims_sheets
        for each row execute function refuse_change();
      create trigger claims_sheets_stand_all before truncate on claims_sheets
        for each statement execute function refuse_change();
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('drop table claims_sheets');
  }
}
