import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Years that are closed: what was finished in them stands. One that is opened again says by whom and why. */
export class ClosedYears1768300000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table closed_years (
        id uuid primary key,
        label text not null check (length(label) between 1 and 40),
        closed_at timestamptz not null,
        by_user uuid not null references users (id),
        backup text not null,
        opened_at timestamptz,
        opened_by uuid references users (id),
        opened_because text,
        check (num_nonnulls(opened_at, opened_by, opened_because) in (0, 3))
      );
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('drop table closed_years');
  }
}
