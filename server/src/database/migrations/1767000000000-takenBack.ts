import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * What was done by mistake can be taken back in sight: a reading, a replicate that was left out, a run, a lot, a
 * material. Runs are opened for a group by its name; a vessel is measured by a jug where there is no scale.
 */
export class TakenBack1767000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      alter table runs
        add column archived_at timestamptz,
        add column group_name text check (length(group_name) between 1 and 60),
        add constraint runs_archived_open check (archived_at is null or finished_at is null);
      drop index runs_open;
      create index runs_open on runs (started_at) where finished_at is null and archived_at is null;
      create index runs_archived on runs (started_at, id) where archived_at is not null;
      drop index runs_by_state;
      create index runs_by_state on runs
        ((case when finished_at is null then 'open' else 'finished' end) desc, started_at desc, id desc)
        where archived_at is null;
      create table run_archivings (
        id uuid primary key,
        run_id uuid not null references runs (id),
        archived boolean not null,
        reason text not null check (length(reason) >= 3),
        by_user uuid not null references users (id),
        kept_at timestamptz not null
      );
      create index run_archivings_run on run_archivings (run_id);
      create table taken_back (
        id uuid primary key,
        run_id uuid not null references runs (id),
        reading_id uuid unique references readings (id),
        exclusion_id uuid unique references exclusions (id),
        by_user uuid not null references users (id),
        kept_at timestamptz not null,
        check (num_nonnulls(reading_id, exclusion_id) = 1)
      );
      create index taken_back_run on taken_back (run_id);
      alter table readings drop constraint readings_corrects_key;
      create index readings_corrects on readings (corrects) where corrects is not null;
      alter table exclusions drop constraint exclusions_run_id_replicate_key;
      create index exclusions_run on exclusions (run_id);

      create trigger taken_back_live after insert on taken_back for each row execute function tell_run();
      create trigger taken_back_card after insert on taken_back for each row execute function want_card_of_run();
      drop trigger runs_live on runs;
      create trigger runs_live after insert or update of finished_at, instrument_ids, archived_at on runs
        for each row execute function tell_run();
      drop trigger runs_counted on runs;
      create trigger runs_counted after insert or update of finished_at, archived_at on runs
        for each statement execute function tell_counts();

      alter table lots add column archived_at timestamptz;
      alter table materials add column archived_at timestamptz;

      alter table vessels add column archived_at timestamptz;
      alter table vessel_fillings
        alter column empty_g drop not null,
        alter column full_g drop not null,
        alter column water_temp_c drop not null,
        add column volume_ml double precision check (volume_ml between 1 and 1e6),
        add constraint vessel_fillings_one_way check (
          (volume_ml is null) = (empty_g is not null and full_g is not null and water_temp_c is not null)
          and num_nonnulls(empty_g, full_g, water_temp_c) in (0, 3));
    `);
    for (const table of ['run_archivings', 'taken_back'])
      await runner.query(`
        create trigger ${table}_stand before update or delete on ${table} for each row execute function refuse_change();
        create trigger ${table}_stand_all before truncate on ${table} for each statement execute function refuse_change();
      `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      alter table vessel_fillings drop constraint vessel_fillings_one_way, drop column volume_ml,
        alter column empty_g set not null, alter column full_g set not null, alter column water_temp_c set not null;
      alter table vessels drop column archived_at;
      alter table materials drop column archived_at;
      alter table lots drop column archived_at;
      drop table taken_back, run_archivings;
      drop index exclusions_run, readings_corrects, runs_archived, runs_open, runs_by_state;
      alter table exclusions add unique (run_id, replicate);
      alter table readings add unique (corrects);
      drop trigger runs_live on runs;
      create trigger runs_live after insert or update of finished_at, instrument_ids on runs
        for each row execute function tell_run();
      drop trigger runs_counted on runs;
      create trigger runs_counted after insert or update of finished_at on runs
        for each statement execute function tell_counts();
      alter table runs drop column archived_at, drop column group_name;
      create index runs_open on runs (started_at) where finished_at is null;
      create index runs_by_state on runs
        ((case when finished_at is null then 'open' else 'finished' end) desc, started_at desc, id desc);
    `);
  }
}
