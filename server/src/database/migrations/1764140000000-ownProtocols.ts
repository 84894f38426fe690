import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A lead's copies of protocols: who made them and when; shipped ones have neither. */
export class OwnProtocols1764140000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      alter table protocols
        add column by_user uuid references users (id),
        add column kept_at timestamptz,
        add check ((by_user is null) = (kept_at is null));
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('alter table protocols drop column kept_at, drop column by_user');
  }
}
