import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * What is sent twice is kept once; fillings have an author, corrections and exclusions; a finished run holds on to the
 * fillings that it was finished with; sessions can be ended; numbers and dates have bounds. Bounds hold from now on:
 * what was kept before them stays.
 */
export class SafeFloor1764700000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table kept_once (
        id uuid primary key,
        hash text not null,
        kept_at timestamptz not null default now()
      );

      alter table users add column sessions_from timestamptz;

      alter table vessel_fillings
        add column by_user uuid references users (id),
        add column corrects uuid unique references vessel_fillings (id),
        add column reason text,
        add check (corrects is null or length(reason) >= 3),
        add constraint vessel_fillings_bounds check (empty_g <= 1e6 and full_g <= 1e6 and full_g - empty_g >= 1) not valid;
      create index vessel_fillings_vessel on vessel_fillings (vessel_id);
      create table filling_exclusions (
        id uuid primary key,
        filling_id uuid not null unique references vessel_fillings (id),
        reason text not null check (length(reason) >= 3),
        by_user uuid not null references users (id),
        kept_at timestamptz not null
      );
      create table run_stamps (
        id uuid primary key,
        run_id uuid not null references runs (id),
        filling_ids uuid[] not null,
        reason text,
        by_user uuid not null references users (id),
        kept_at timestamptz not null
      );
      create index run_stamps_run on run_stamps (run_id);
      insert into run_stamps (id, run_id, filling_ids, by_user, kept_at)
        select gen_random_uuid(), r.id,
          array(select f.id from vessel_fillings f where f.vessel_id = any (r.vessel_ids) order by f.kept_at),
          r.started_by, r.finished_at
        from runs r where r.finished_at is not null and cardinality(r.vessel_ids) > 0;
      create function tell_counts() returns trigger language plpgsql as $$
      begin
        perform pg_notify('bench_run', 'counts');
        return null;
      end
      $$;
      drop trigger runs_live on runs;
      create trigger runs_live after insert or update of finished_at, instrument_ids on runs
        for each row execute function tell_run();
      create trigger runs_counted after insert or update of finished_at on runs
        for each statement execute function tell_counts();
      create trigger run_stamps_live after insert on run_stamps for each row execute function tell_run();

      alter table vessels add constraint vessels_bounds check (
        height_cm between 0.5 and 200 and top_diameter_cm between 0.5 and 1000 and base_diameter_cm between 0.5 and 1000
      ) not valid;
      alter table lots
        add constraint lots_bounds check (price <= 1e6 and pack_volume_l between 0.001 and 1e6) not valid,
        add constraint lots_bought_on check (bought_on between '1900-01-01' and '2200-01-01') not valid;
      alter table stock_movements add constraint stock_movements_bounds check (abs(change_l) <= 1e6) not valid;
      alter table readings
        add constraint readings_bounds check (abs(value) <= 1e15) not valid,
        add constraint readings_taken_at check (taken_at between '1900-01-01' and '2200-01-01') not valid;
      alter table calibrations
        add constraint calibrations_at check (at between '1900-01-01' and '2200-01-01') not valid;
      alter table planned_jobs
        add constraint planned_jobs_at check (at between '1900-01-01' and '2200-01-01') not valid,
        add constraint planned_jobs_page check (page is null or page ~ '^/([^/]|$)') not valid;
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      alter table planned_jobs drop constraint planned_jobs_page, drop constraint planned_jobs_at;
      alter table calibrations drop constraint calibrations_at;
      alter table readings drop constraint readings_taken_at, drop constraint readings_bounds;
      alter table stock_movements drop constraint stock_movements_bounds;
      alter table lots drop constraint lots_bought_on, drop constraint lots_bounds;
      alter table vessels drop constraint vessels_bounds;
      drop trigger runs_counted on runs;
      drop function tell_counts();
      drop trigger runs_live on runs;
      create trigger runs_live after insert or update on runs for each row execute function tell_run();
      drop table run_stamps, filling_exclusions;
      drop index vessel_fillings_vessel;
      alter table vessel_fillings drop constraint vessel_fillings_bounds,
        drop column reason, drop column corrects, drop column by_user;
      alter table users drop column sessions_from;
      drop table kept_once;
    `);
  }
}
