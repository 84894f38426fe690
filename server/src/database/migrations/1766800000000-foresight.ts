import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * What was known when a batch was mixed is kept with it, so that its prediction can be held against what is measured later.
 * What batches teach rests on their lots' readings too: a lot's new card asks for it anew.
 */
export class Foresight1766800000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('alter table lots add column foreseen jsonb');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('alter table lots drop column foreseen');
  }
}
