import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Pens, meters and scales with their calibrations, and the stamp of both on every reading. */
export class Instruments1764120000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table instruments (
        id uuid primary key,
        name text not null check (length(name) between 1 and 60),
        kind text not null check (kind in ('pH', 'ec', 'scale')),
        shows_mv boolean not null,
        created_at timestamptz not null
      );
      create unique index instruments_name on instruments (lower(name));
      create table calibrations (
        id uuid primary key,
        instrument_id uuid not null references instruments (id),
        at timestamptz not null,
        temp_c double precision not null check (temp_c between 0 and 60),
        points jsonb not null,
        by_user uuid not null references users (id),
        kept_at timestamptz not null
      );
      create index calibrations_instrument on calibrations (instrument_id, at);
      alter table runs add column instrument_ids uuid[] not null default '{}';
      alter table readings
        add column instrument_id uuid references instruments (id),
        add column calibration_id uuid references calibrations (id),
        add column calibration_readings integer,
        add check (calibration_id is null or instrument_id is not null);
      create index readings_calibration on readings (calibration_id) where calibration_id is not null;
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      alter table readings drop column calibration_readings, drop column calibration_id, drop column instrument_id;
      alter table runs drop column instrument_ids;
      drop table calibrations, instruments;
    `);
  }
}
