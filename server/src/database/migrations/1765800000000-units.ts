import type { MigrationInterface, QueryRunner } from 'typeorm';

/** The units that a person reads and types in; null is metric. */
export class Units1765800000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('alter table users add column units jsonb');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('alter table users drop column units');
  }
}
