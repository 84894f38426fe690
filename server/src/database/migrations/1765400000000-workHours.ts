import type { MigrationInterface, QueryRunner } from 'typeorm';

/** From when to when somebody is at this bench; empty until somebody said so. */
export class WorkHours1765400000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`alter table notebook add column hours jsonb not null default '{}'`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('alter table notebook drop column hours');
  }
}
