import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Samples sent to the practice laboratory. A report is made from its request each time, so only the request is kept. */
export class Laboratory1764260000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table lab_requests (
        id uuid primary key,
        lot_id uuid not null references lots (id),
        asked_by uuid not null references users (id),
        asked_at timestamptz not null,
        ready_at timestamptz not null check (ready_at >= asked_at),
        run_id uuid references runs (id)
      );
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('drop table lab_requests');
  }
}
