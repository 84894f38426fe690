import type { MigrationInterface, QueryRunner } from 'typeorm';

/** How far a pack opens beyond its label, for what swells or is fluffed up, and who says so. */
export class OpensTo1766900000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      alter table lots
        add column opens_to double precision check (opens_to > 0 and opens_to <= 100),
        add column opens_to_by text check (length(opens_to_by) <= 120);
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('alter table lots drop column opens_to, drop column opens_to_by');
  }
}
