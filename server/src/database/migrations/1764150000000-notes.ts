import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Free words and photos beside a run. Photos are kept here as well, so that one backup holds all. */
export class Notes1764150000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table run_notes (
        id uuid primary key,
        run_id uuid not null references runs (id),
        text text not null check (length(text) between 1 and 2000),
        by_user uuid not null references users (id),
        kept_at timestamptz not null
      );
      create index run_notes_run on run_notes (run_id);
      create table run_photos (
        id uuid primary key,
        run_id uuid not null references runs (id),
        caption text not null check (length(caption) <= 200),
        width integer not null check (width > 0),
        height integer not null check (height > 0),
        jpeg bytea not null check (length(jpeg) <= 2000000),
        by_user uuid not null references users (id),
        kept_at timestamptz not null
      );
      create index run_photos_run on run_photos (run_id);
      create trigger run_notes_live after insert on run_notes for each row execute function tell_run();
      create trigger run_photos_live after insert on run_photos for each row execute function tell_run();
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('drop table run_photos, run_notes');
  }
}
