import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Where a lot comes from, and what of it is left: movements are only ever added. */
export class Stock1764160000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      alter table lots
        add column prepared_from uuid references lots (id),
        add column prepared_how text,
        add column blend_version_id uuid references blend_versions (id),
        add check ((prepared_from is null) = (prepared_how is null)),
        add check (prepared_from is null or blend_version_id is null);
      create index lots_batch on lots (blend_version_id) where blend_version_id is not null;
      create table stock_movements (
        id uuid primary key,
        lot_id uuid not null references lots (id),
        change_l numeric(14, 4) not null check (change_l <> 0),
        reason text not null check (reason in ('came', 'counted', 'used', 'prepared', 'batch')),
        for_lot uuid references lots (id),
        by_user uuid not null references users (id),
        kept_at timestamptz not null
      );
      create index stock_movements_lot on stock_movements (lot_id);
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      drop table stock_movements;
      alter table lots drop column blend_version_id, drop column prepared_how, drop column prepared_from;
    `);
  }
}
