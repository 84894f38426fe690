import type { MigrationInterface, QueryRunner } from 'typeorm';

/** How often something was tried, counted for all servers of a notebook together. Worth nothing after a crash. */
export class SharedHits1768800000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create unlogged table rate_hits (
        key text primary key,
        hits integer not null check (hits >= 0),
        resets_at timestamptz not null
      );
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('drop table rate_hits');
  }
}
