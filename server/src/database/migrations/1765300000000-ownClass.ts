import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * A lot may be of another class than its material: what was sieved, broken or rinsed, and what was parted off. What was
 * parted off before nobody said what it is: it has no class until somebody does.
 */
export class OwnClass1765300000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      alter table lots
        add column own_class boolean not null default false,
        add column class_id text,
        add column parted_off boolean not null default false,
        add constraint lots_class check (own_class or class_id is null)
    `);
    await runner.query(`
      update lots set parted_off = true, own_class = true
      where prepared_from is not null and state = 'what was parted off'
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('alter table lots drop column own_class, drop column class_id, drop column parted_off');
  }
}
