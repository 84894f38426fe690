import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What a bag's label says is in it, and its analysis, as they were copied off. */
export class LabelText1765700000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('alter table lots add column label_ingredients text, add column label_analysis text');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('alter table lots drop column label_ingredients, drop column label_analysis');
  }
}
