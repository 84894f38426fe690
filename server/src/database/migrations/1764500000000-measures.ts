import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Sizes of the bench's own scoop, bucket, barrow and handful; empty until somebody measured them. */
export class Measures1764500000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`alter table notebook add column measures jsonb not null default '{}'`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('alter table notebook drop column measures');
  }
}
