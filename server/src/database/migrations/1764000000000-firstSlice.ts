import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Shelf, bench, blend and score, with what the database itself must never let in. */
export class FirstSlice1764000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table notebook (
        id smallint primary key check (id = 1),
        place text not null check (length(place) between 1 and 80),
        currency text not null check (length(currency) between 1 and 4),
        zone text not null,
        demo boolean not null,
        demo_loaded boolean not null default false,
        session_secret text not null
      );
      create table users (
        id uuid primary key,
        name text not null check (length(name) between 1 and 80),
        role text not null check (role in ('lead', 'tester', 'panellist', 'student', 'reader')),
        password_hash text not null,
        single_keys boolean not null default true,
        archived_at timestamptz
      );
      create unique index users_name on users (lower(name)) where archived_at is null;
      create table session (
        sid varchar primary key,
        sess json not null,
        expire timestamptz not null
      );
      create index session_expire on session (expire);
      create table materials (
        id uuid primary key,
        name text not null check (length(name) between 1 and 120),
        kind text not null check (kind in ('material', 'product')),
        class_id text,
        aliases text[] not null default '{}',
        version integer not null default 1
      );
      create table lots (
        id uuid primary key,
        material_id uuid not null references materials (id),
        code text not null check (length(code) between 1 and 40),
        source text,
        grade text,
        bought_on date,
        price numeric(12, 4) check (price >= 0),
        pack_volume_l double precision check (pack_volume_l > 0),
        state text,
        created_at timestamptz not null,
        version integer not null default 1,
        unique (material_id, code)
      );
      create table vessels (
        id uuid primary key,
        name text not null check (length(name) between 1 and 60),
        kind text not null check (kind in ('vessel', 'pot')),
        height_cm double precision check (height_cm > 0),
        top_diameter_cm double precision check (top_diameter_cm > 0),
        base_diameter_cm double precision check (base_diameter_cm > 0),
        created_at timestamptz not null,
        check ((top_diameter_cm is null) = (base_diameter_cm is null))
      );
      create table vessel_fillings (
        id uuid primary key,
        vessel_id uuid not null references vessels (id),
        empty_g double precision not null check (empty_g >= 0),
        full_g double precision not null,
        water_temp_c double precision not null check (water_temp_c between 0 and 60),
        kept_at timestamptz not null,
        check (full_g > empty_g)
      );
      create table protocols (
        key text not null,
        version integer not null,
        hash text not null,
        body jsonb not null,
        primary key (key, version)
      );
      create table runs (
        id uuid primary key,
        number integer generated always as identity unique,
        lot_id uuid not null references lots (id),
        protocol_key text not null,
        protocol_version integer not null,
        replicate_count smallint not null check (replicate_count between 1 and 12),
        vessel_ids uuid[] not null,
        packing_habit text not null check (packing_habit in ('loose', 'tapped', 'firmed')),
        soak_min double precision not null check (soak_min >= 0),
        drain_min double precision not null check (drain_min > 0),
        oven_temp_c double precision not null check (oven_temp_c <= 105),
        student_id uuid references users (id),
        started_by uuid not null references users (id),
        started_at timestamptz not null,
        finished_at timestamptz,
        reading_seq integer not null default 0,
        version integer not null default 1,
        foreign key (protocol_key, protocol_version) references protocols (key, version)
      );
      create index runs_lot on runs (lot_id);
      create index runs_open on runs (started_at) where finished_at is null;
      create table readings (
        id uuid primary key,
        run_id uuid not null references runs (id),
        seq integer not null,
        replicate smallint not null check (replicate between 0 and 11),
        step text not null,
        value double precision not null check (value > '-infinity' and value < 'infinity'),
        unit text not null,
        taken_at timestamptz not null,
        kept_at timestamptz not null,
        by_user uuid not null references users (id),
        corrects uuid unique references readings (id),
        reason text,
        unique (run_id, seq),
        check ((corrects is null) or (length(reason) >= 3))
      );
      create table exclusions (
        id uuid primary key,
        run_id uuid not null references runs (id),
        replicate smallint not null,
        reason text not null check (length(reason) >= 3),
        by_user uuid not null references users (id),
        kept_at timestamptz not null,
        unique (run_id, replicate)
      );
      create table blends (
        id uuid primary key,
        name text not null check (length(name) between 1 and 120),
        created_at timestamptz not null
      );
      create table blend_versions (
        id uuid primary key,
        blend_id uuid not null references blends (id),
        n integer not null check (n > 0),
        recipe jsonb not null,
        input jsonb not null,
        result jsonb not null,
        method text not null,
        reason text,
        by_user uuid not null references users (id),
        kept_at timestamptz not null,
        unique (blend_id, n)
      );
      create table rubrics (
        key text not null,
        version integer not null,
        hash text not null,
        body jsonb not null,
        primary key (key, version)
      );
      create table scorecards (
        id uuid primary key,
        lot_id uuid not null references lots (id),
        rubric_key text not null,
        rubric_version integer not null,
        sample_code text not null check (length(sample_code) between 1 and 8),
        created_at timestamptz not null,
        foreign key (rubric_key, rubric_version) references rubrics (key, version)
      );
      create table scorecard_raters (
        scorecard_id uuid not null references scorecards (id),
        user_id uuid not null references users (id),
        handed_in_at timestamptz,
        primary key (scorecard_id, user_id)
      );
      create table ratings (
        scorecard_id uuid not null,
        user_id uuid not null,
        criterion text not null,
        value double precision not null check (value between 0 and 10),
        tags text[] not null,
        kept_at timestamptz not null,
        primary key (scorecard_id, user_id, criterion),
        foreign key (scorecard_id, user_id) references scorecard_raters (scorecard_id, user_id)
      );
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      drop table ratings, scorecard_raters, scorecards, rubrics, blend_versions, blends, exclusions, readings, runs,
        protocols, vessel_fillings, vessels, lots, materials, session, users, notebook;
    `);
  }
}
