import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What a group or its teacher says in a class: only ever added, and gone together when the class is wiped. */
const SAID = ['class_guesses', 'class_readings', 'class_exclusions'] as const;

/**
 * Classes: groups with a link and no names, blind samples, what was guessed and read. Wiping a class is the one deletion
 * of what was measured that the database allows: within a transaction that says which class it wipes.
 */
export class Classes1768500000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table lessons (
        id uuid primary key,
        plan jsonb not null,
        by_user uuid not null references users (id),
        kept_at timestamptz not null
      );
      create table classes (
        id uuid primary key,
        name text not null check (length(name) between 1 and 60),
        plan jsonb not null,
        code text unique check (code ~ '^[A-HJ-NPRTUVWXY346789]{6}$'),
        vessel_id uuid references vessels (id),
        began_at timestamptz not null,
        ends_at timestamptz not null check (ends_at >= began_at),
        revealed_at timestamptz,
        by_user uuid not null references users (id)
      );
      create index classes_began on classes (began_at desc, id);
      create table class_groups (
        id uuid primary key,
        class_id uuid not null references classes (id),
        number smallint not null check (number between 1 and 40),
        unique (class_id, number)
      );
      create table class_samples (
        id uuid primary key,
        class_id uuid not null references classes (id),
        lot_id uuid not null references lots (id),
        place smallint not null,
        code text not null check (length(code) between 1 and 6),
        unique (class_id, code),
        unique (class_id, place)
      );
      create index class_samples_lot on class_samples (lot_id);
      create table class_phones (
        id uuid primary key,
        group_id uuid not null references class_groups (id),
        joined_at timestamptz not null,
        ended_at timestamptz
      );
      create index class_phones_group on class_phones (group_id);
      create table class_guesses (
        id uuid primary key,
        group_id uuid not null references class_groups (id),
        sample_id uuid not null references class_samples (id),
        figure text not null,
        value double precision not null,
        margin double precision not null check (margin >= 0),
        kept_at timestamptz not null
      );
      create index class_guesses_group on class_guesses (group_id);
      create table class_readings (
        id uuid primary key,
        seq integer generated always as identity,
        group_id uuid not null references class_groups (id),
        sample_id uuid not null references class_samples (id),
        repeat smallint not null check (repeat between 0 and 2),
        step text not null,
        value double precision not null,
        taken_at timestamptz not null,
        kept_at timestamptz not null
      );
      create index class_readings_group on class_readings (group_id, seq);
      create table class_exclusions (
        id uuid primary key,
        group_id uuid not null references class_groups (id),
        sample_id uuid not null references class_samples (id),
        is_out boolean not null,
        reason text not null check (length(reason) between 1 and 200),
        by_user uuid not null references users (id),
        kept_at timestamptz not null
      );
      create index class_exclusions_group on class_exclusions (group_id);
      create table class_runs (
        run_id uuid primary key references runs (id),
        group_id uuid not null references class_groups (id),
        sample_id uuid not null references class_samples (id),
        unique (group_id, sample_id)
      );
      create table class_wipes (
        id uuid primary key,
        groups smallint not null,
        guesses integer not null,
        readings integer not null,
        runs_kept integer not null,
        by_user uuid not null references users (id),
        wiped_at timestamptz not null
      );

      create function class_of_group(uuid) returns uuid language sql stable as
        $$ select class_id from class_groups where id = $1 $$;

      create function stand_in_class() returns trigger language plpgsql as $$
      begin
        if tg_op = 'DELETE' and current_setting('bent_pail.wiped_class', true) = class_of_group(old.group_id)::text then
          return old;
        end if;
        if tg_op = 'TRUNCATE' and exists (select 1 from notebook where demo) then return null; end if;
        raise exception 'rows of % are only added, never changed or dropped', tg_table_name using errcode = 'restrict_violation';
      end $$;

      create function tell_class() returns trigger language plpgsql as $$
      begin
        perform pg_notify('classes', case tg_table_name
          when 'classes' then to_jsonb(new) ->> 'id'
          else (select g.class_id::text || ' ' || g.id::text from class_groups g
            where g.id = (to_jsonb(new) ->> 'group_id')::uuid) end);
        return null;
      end $$;
      create trigger classes_tell after update on classes for each row execute function tell_class();
      create trigger class_phones_tell after insert or update on class_phones for each row execute function tell_class();
      create trigger class_runs_tell after insert on class_runs for each row execute function tell_class();
    `);
    for (const table of SAID)
      await runner.query(`
        create trigger ${table}_stand before update or delete on ${table} for each row execute function stand_in_class();
        create trigger ${table}_stand_all before truncate on ${table} for each statement execute function stand_in_class();
        create trigger ${table}_tell after insert on ${table} for each row execute function tell_class();
      `);
    await runner.query(`
      create trigger class_wipes_stand before update or delete on class_wipes for each row execute function refuse_change();
      create trigger class_wipes_stand_all before truncate on class_wipes
        for each statement execute function refuse_change();
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      drop table class_wipes, class_runs, class_exclusions, class_readings, class_guesses, class_phones, class_samples,
        class_groups, classes, lessons;
      drop function tell_class();
      drop function stand_in_class();
      drop function class_of_group(uuid);
    `);
  }
}
