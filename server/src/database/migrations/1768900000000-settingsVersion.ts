import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What everybody at the bench shares has a version: of two who change it at once, the second is told. */
export class SettingsVersion1768900000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('alter table notebook add column version integer not null default 1');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('alter table notebook drop column version');
  }
}
