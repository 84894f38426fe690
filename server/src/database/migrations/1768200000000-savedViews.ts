import type { MigrationInterface, QueryRunner } from 'typeorm';

/** How somebody looks at a list, kept under a name for everybody. */
export class SavedViews1768200000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table saved_views (
        id uuid primary key,
        page text not null check (page like '/%'),
        name text not null check (length(name) between 1 and 60),
        query text not null,
        by_user uuid not null references users (id),
        kept_at timestamptz not null
      );
      create unique index saved_views_name on saved_views (page, lower(name));
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('drop table saved_views');
  }
}
