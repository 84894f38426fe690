import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What a lead changed in the table of verdicts. */
export class Verdicts1765500000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table verdict_changes (
        line_id text not null,
        version integer not null check (version > 0),
        says text check (says in ('good', 'bearable', 'not')),
        because text,
        begins_at double precision,
        by_user uuid not null references users (id),
        kept_at timestamptz not null,
        primary key (line_id, version)
      )`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('drop table verdict_changes');
  }
}
