import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Rubrics of a notebook's own, beside those that ship: who made a version, and when. */
export class OwnRubrics1766000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'alter table rubrics add column by_user uuid references users (id), add column kept_at timestamptz',
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('alter table rubrics drop column by_user, drop column kept_at');
  }
}
