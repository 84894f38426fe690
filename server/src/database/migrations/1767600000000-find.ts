import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Words are found although they are mistyped: by the letters that they share, three by three; and corrections by their time. */
export class Find1767600000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create extension if not exists pg_trgm;
      create index run_notes_find on run_notes using gin (to_tsvector('simple', text));
      create index pot_entries_find on pot_entries using gin (to_tsvector('simple', words)) where words is not null;
      create index readings_corrections on readings (kept_at desc) where corrects is not null;
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(
      'drop index readings_corrections; drop index run_notes_find; drop index pot_entries_find; drop extension pg_trgm',
    );
  }
}
