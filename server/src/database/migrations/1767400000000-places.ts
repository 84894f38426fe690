import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Places known by month, pots that stand at them, what a year takes to top a pot up; and pots that were followed. */
export class Places1767400000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table places (
        id uuid primary key,
        name text not null,
        months jsonb not null,
        windy boolean not null,
        stands_on text not null,
        soil text,
        hardness double precision check (hardness >= 0),
        kept_at timestamptz not null
      );
      create unique index places_name on places (lower(name));
      alter table filled_pots add column place_id uuid references places (id);
      create index filled_pots_place on filled_pots (place_id);
      alter table pot_watches add column year_l double precision;
      create table pot_results (
        id uuid primary key,
        name text not null,
        address text not null,
        media jsonb not null,
        said jsonb not null,
        by_user uuid not null references users (id),
        kept_at timestamptz not null,
        archived_at timestamptz
      );
      create index pot_results_kept on pot_results (kept_at desc) where archived_at is null;
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      drop table pot_results;
      alter table pot_watches drop column year_l;
      alter table filled_pots drop column place_id;
      drop table places;
    `);
  }
}
