import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Runs stand together as open and finished ones, newest first: the bench walks this index. */
export class ListsInGroups1765200000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create index runs_by_state on runs
        ((case when finished_at is null then 'open' else 'finished' end) desc, started_at desc, id desc)
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('drop index runs_by_state');
  }
}
