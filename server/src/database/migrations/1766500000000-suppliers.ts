import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Whom lots come from, what came and what did not, and what was seen of a load at the gate. */
export class Suppliers1766500000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table suppliers (
        id uuid primary key,
        name text not null,
        kind text not null check (kind in ('trade', 'free', 'own')),
        permission text,
        permission_until date,
        note text,
        kept_at timestamptz not null
      );
      create unique index suppliers_name on suppliers (lower(name));
      create table deliveries (
        id uuid primary key,
        supplier_id uuid not null references suppliers (id),
        came_on date not null,
        lot_id uuid references lots (id),
        out_of_stock text,
        gate jsonb,
        decision text check (decision in ('take', 'sort', 'sendBack')),
        words text,
        by_user uuid not null references users (id),
        kept_at timestamptz not null,
        check ((lot_id is null) <> (out_of_stock is null))
      );
      create index deliveries_supplier on deliveries (supplier_id, came_on desc);
      create trigger deliveries_stand before update or delete on deliveries
        for each row execute function refuse_change();
      create trigger deliveries_stand_all before truncate on deliveries
        for each statement execute function refuse_change();
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('drop table deliveries; drop table suppliers');
  }
}
