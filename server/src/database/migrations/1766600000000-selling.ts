import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Mixes of one's own as products: terms version by version, packs sold, and what somebody did not like. */
export class Selling1766600000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table selling_terms (
        id uuid primary key,
        blend_id uuid not null references blends (id),
        body jsonb not null,
        by_user uuid not null references users (id),
        kept_at timestamptz not null
      );
      create index selling_terms_blend on selling_terms (blend_id, kept_at desc);
      create table sales (
        id uuid primary key,
        blend_id uuid not null references blends (id),
        sold_on date not null,
        packs integer not null check (packs > 0),
        kind text not null check (kind in ('trade', 'private')),
        price double precision not null check (price >= 0),
        lot_id uuid references lots (id),
        by_user uuid not null references users (id),
        kept_at timestamptz not null
      );
      create index sales_blend on sales (blend_id, sold_on desc);
      create table complaints (
        id uuid primary key,
        blend_id uuid not null references blends (id),
        said_on date not null,
        words text not null,
        lot_id uuid references lots (id),
        by_user uuid not null references users (id),
        kept_at timestamptz not null
      );
      create index complaints_blend on complaints (blend_id, said_on desc);
      create trigger selling_terms_stand before update or delete on selling_terms
        for each row execute function refuse_change();
      create trigger sales_stand before update or delete on sales
        for each row execute function refuse_change();
      create trigger complaints_stand before update or delete on complaints
        for each row execute function refuse_change();
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('drop table complaints; drop table sales; drop table selling_terms');
  }
}
