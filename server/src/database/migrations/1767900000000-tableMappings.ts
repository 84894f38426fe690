import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Which column of somebody's spreadsheet was what, for the next time that it comes. */
export class TableMappings1767900000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table table_mappings (
        kind text not null,
        headings text not null,
        mapping jsonb not null,
        by_user uuid not null references users (id),
        kept_at timestamptz not null,
        primary key (kind, headings)
      );
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('drop table table_mappings');
  }
}
