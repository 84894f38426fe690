import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What a handful of each dosed stuff weighs at this bench; empty until somebody weighed one. */
export class Handfuls1765600000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`alter table notebook add column handfuls jsonb not null default '{}'`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('alter table notebook drop column handfuls');
  }
}
