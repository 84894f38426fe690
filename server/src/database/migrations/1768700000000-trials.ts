import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What is read and said of a trial: only ever added. */
const SAID = ['trial_readings', 'trial_events', 'trial_exclusions', 'trial_moves', 'trial_settled', 'trial_reopenings'];

/**
 * Grow-out trials: a plan, plots drawn by lot with the seed kept, readings of plots and plants, what happened meanwhile.
 * What a finished one came to is worked out beside the server, as cards are, and kept as rows.
 */
export class Trials1768700000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table trials (
        id uuid primary key,
        name text not null check (length(name) between 1 and 80),
        plan jsonb not null,
        second_of uuid references trials (id),
        seed integer,
        laid_out_at timestamptz,
        finished_at timestamptz,
        archived_at timestamptz,
        by_user uuid not null references users (id),
        kept_at timestamptz not null,
        check ((seed is null) = (laid_out_at is null)),
        check (finished_at is null or laid_out_at is not null)
      );
      create index trials_newest on trials (kept_at desc, id);
      create index trials_arms on trials using gin ((plan -> 'arms') jsonb_path_ops);
      create table trial_plots (
        id uuid primary key,
        trial_id uuid not null references trials (id),
        number smallint not null,
        arm text not null,
        species text not null,
        block smallint not null,
        place smallint not null,
        unique (trial_id, number)
      );
      create table trial_readings (
        id uuid primary key,
        seq integer generated always as identity,
        trial_id uuid not null references trials (id),
        plot_id uuid not null references trial_plots (id),
        plant smallint not null check (plant >= 0),
        trait text not null,
        read_on date not null,
        value double precision,
        state text check (state in ('dead', 'missing')),
        signs text[],
        taken_at timestamptz not null,
        by_user uuid not null references users (id),
        kept_at timestamptz not null,
        check (num_nonnulls(value, state, signs) = 1)
      );
      create index trial_readings_day on trial_readings (trial_id, read_on, seq);
      create table trial_events (
        id uuid primary key,
        trial_id uuid not null references trials (id),
        happened_on date not null,
        kind text not null,
        words text,
        arm text,
        water_ml double precision,
        kept_up boolean,
        by_user uuid not null references users (id),
        kept_at timestamptz not null
      );
      create index trial_events_trial on trial_events (trial_id, happened_on);
      create table trial_exclusions (
        id uuid primary key,
        trial_id uuid not null references trials (id),
        plot_id uuid not null references trial_plots (id),
        is_out boolean not null,
        reason text not null,
        by_user uuid not null references users (id),
        kept_at timestamptz not null
      );
      create index trial_exclusions_trial on trial_exclusions (trial_id, kept_at);
      create table trial_moves (
        id uuid primary key,
        trial_id uuid not null references trials (id),
        plot_id uuid not null references trial_plots (id),
        with_id uuid not null references trial_plots (id),
        moved_on date not null,
        reason text not null,
        by_user uuid not null references users (id),
        kept_at timestamptz not null,
        check (plot_id <> with_id)
      );
      create index trial_moves_trial on trial_moves (trial_id, kept_at);
      create table trial_settled (
        id uuid primary key,
        trial_id uuid not null references trials (id),
        circumstance text not null,
        how text not null,
        words text not null,
        by_user uuid not null references users (id),
        kept_at timestamptz not null
      );
      create index trial_settled_trial on trial_settled (trial_id, kept_at);
      create table trial_reopenings (
        id uuid primary key,
        trial_id uuid not null references trials (id),
        reason text not null,
        by_user uuid not null references users (id),
        kept_at timestamptz not null
      );
      create index trial_reopenings_trial on trial_reopenings (trial_id);

      create table trial_results (
        trial_id uuid primary key references trials (id),
        readings integer not null default 0,
        wanted integer not null default 0,
        made integer not null default 0,
        methods text not null default '',
        trouble text,
        answers text[]
      );
      create index trial_results_open on trial_results (trial_id) where wanted <> made;
      create table trial_ratios (
        trial_id uuid not null references trials (id),
        arm text not null,
        name text not null,
        lot_id uuid references lots (id),
        blend_id uuid references blends (id),
        blend_n integer,
        ratio double precision not null,
        se double precision,
        species jsonb not null,
        primary key (trial_id, arm)
      );
      create index trial_ratios_lot on trial_ratios (lot_id);
      create index trial_ratios_blend on trial_ratios (blend_id);

      create function follow_trial() returns trigger language plpgsql as $$
      begin
        if tg_op = 'INSERT' then
          -- A finished one comes with a notebook's file.
          insert into trial_results (trial_id, wanted) values (new.id, case when new.finished_at is null then 0 else 1 end)
          on conflict do nothing;
          perform pg_notify('lot_cards', '');
        elsif (old.finished_at, old.archived_at) is distinct from (new.finished_at, new.archived_at) then
          update trial_results set wanted = wanted + 1 where trial_id = new.id;
          perform pg_notify('lot_cards', '');
        end if;
        perform pg_notify('trials', new.id::text);
        perform pg_notify('bench_run', 'counts');
        return null;
      end $$;
      create trigger trials_follow after insert or update on trials for each row execute function follow_trial();

      create function follow_trial_reading() returns trigger language plpgsql as $$
      begin
        update trial_results set readings = readings + 1 where trial_id = new.trial_id;
        perform pg_notify('trials', new.trial_id::text);
        return null;
      end $$;
      create trigger trial_readings_follow after insert on trial_readings
        for each row execute function follow_trial_reading();

      create function follow_trial_said() returns trigger language plpgsql as $$
      begin
        -- What is said later of a difference may let a finished trial tell more.
        update trial_results set wanted = wanted + 1 where trial_id = new.trial_id;
        perform pg_notify('lot_cards', '');
        perform pg_notify('trials', new.trial_id::text);
        return null;
      end $$;
      create trigger trial_settled_follow after insert on trial_settled
        for each row execute function follow_trial_said();

      create function tell_trial() returns trigger language plpgsql as $$
      begin
        perform pg_notify('trials', new.trial_id::text);
        return null;
      end $$;
      create trigger trial_events_tell after insert on trial_events for each row execute function tell_trial();
      create trigger trial_exclusions_tell after insert on trial_exclusions for each row execute function tell_trial();
      create trigger trial_moves_tell after insert on trial_moves for each row execute function tell_trial();

      create trigger trials_edited after update on trials for each row execute function keep_edit('name', 'plan', 'archived_at');

      alter table album_photos
        add column trial_id uuid references trials (id),
        drop constraint album_photos_of_one,
        add constraint album_photos_of_one check (num_nonnulls(lot_id, pot_id, trial_id) = 1);
      create index album_photos_trial on album_photos (trial_id);
    `);
    for (const table of SAID)
      await runner.query(`
        create trigger ${table}_stand before update or delete on ${table} for each row execute function refuse_change();
        create trigger ${table}_stand_all before truncate on ${table} for each statement execute function refuse_change();
      `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      delete from album_photos where trial_id is not null;
      alter table album_photos
        drop column trial_id,
        add constraint album_photos_of_one check (num_nonnulls(lot_id, pot_id) = 1);
      drop table trial_ratios, trial_results, ${SAID.join(', ')}, trial_plots, trials;
      drop function tell_trial();
      drop function follow_trial_said();
      drop function follow_trial_reading();
      drop function follow_trial();
    `);
  }
}
