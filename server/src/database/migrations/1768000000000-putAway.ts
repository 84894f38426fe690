import type { MigrationInterface, QueryRunner } from 'typeorm';

const TABLES = ['blends', 'scorecards', 'filled_pots'];

/** Blends, cards and pots can be put away, as lots can: listed and offered no more, and there all the same. */
export class PutAway1768000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const table of TABLES) await runner.query(`alter table ${table} add column archived_at timestamptz`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of TABLES) await runner.query(`alter table ${table} drop column archived_at`);
  }
}
