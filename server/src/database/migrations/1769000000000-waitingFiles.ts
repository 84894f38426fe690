import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Files that were looked at and wait to be taken in, for all servers of a notebook. Worth nothing after a crash. */
export class WaitingFiles1769000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create unlogged table waiting_files (
        id uuid not null,
        place integer not null check (place >= 0),
        bytes bytea not null,
        kept_at timestamptz not null default now(),
        primary key (id, place)
      );
      alter table waiting_files alter column bytes set storage external;
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('drop table waiting_files');
  }
}
