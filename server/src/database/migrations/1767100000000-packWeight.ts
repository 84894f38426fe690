import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What a pack weighs: with what a kilogram of it was seen to open to, its loose litres. */
export class PackWeight1767100000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'alter table lots add column pack_weight_kg double precision check (pack_weight_kg > 0 and pack_weight_kg <= 100000)',
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('alter table lots drop column pack_weight_kg');
  }
}
