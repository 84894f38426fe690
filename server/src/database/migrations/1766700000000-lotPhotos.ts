import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Photos of a lot: its label, its bag, its grain. Kept here as well, so that one backup holds all. */
export class LotPhotos1766700000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table lot_photos (
        id uuid primary key,
        lot_id uuid not null references lots (id),
        caption text not null check (length(caption) <= 200),
        width integer not null check (width > 0),
        height integer not null check (height > 0),
        jpeg bytea not null check (length(jpeg) <= 2000000),
        by_user uuid not null references users (id),
        kept_at timestamptz not null
      );
      create index lot_photos_lot on lot_photos (lot_id);
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('drop table lot_photos');
  }
}
