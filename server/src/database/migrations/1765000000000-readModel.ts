import { flatLines, type FlatLine, type NestableLine } from '@bent-pail/core';
import type { MigrationInterface, QueryRunner } from 'typeorm';

interface KeptVersion {
  readonly id: string;
  readonly blendId: string;
  readonly n: number;
  readonly lines: readonly NestableLine[];
  readonly made: number;
}

/** What each version comes down to: it names only versions that were kept before it. */
async function flattenVersions(runner: QueryRunner): Promise<void> {
  const versions = (await runner.query(
    `select id, blend_id as "blendId", n, recipe->'lines' as lines, (result->>'volume')::float8 as made
     from blend_versions order by kept_at, n`,
  )) as readonly KeptVersion[];
  const find = (ref: { readonly id: string; readonly n: number }) => {
    const found = versions.find(({ blendId, n }) => blendId === ref.id && n === ref.n);
    return found === undefined ? undefined : { name: found.blendId, lines: found.lines, made: found.made };
  };
  await runner.query('alter table blend_versions disable trigger blend_versions_stand');
  for (const { id, lines } of versions) {
    const flat: readonly FlatLine[] = flatLines(lines, find);
    await runner.query('update blend_versions set flat = $2 where id = $1', [id, JSON.stringify(flat)]);
  }
  await runner.query('alter table blend_versions enable trigger blend_versions_stand');
}

/**
 * What cards and lists show is kept as rows, beside the readings that it follows from. A run's own rows are written with
 * its readings; a lot's rows follow: whatever touches what a lot's card rests on asks for them anew, here, so that no
 * way into the database can forget it. `wanted` counts how often they were asked for, `made` which of these they answer.
 */
export class ReadModel1765000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table run_states (
        run_id uuid primary key references runs (id),
        seq integer not null,
        methods text not null,
        waits jsonb not null
      );
      create table run_figures (
        run_id uuid not null references runs (id),
        place smallint not null,
        property text not null,
        mean double precision not null,
        sd double precision,
        se double precision,
        n integer not null,
        words text,
        trouble jsonb,
        method text not null,
        primary key (run_id, place)
      );
      create table lot_cards (
        lot_id uuid primary key references lots (id),
        wanted integer not null default 1,
        made integer not null default 0,
        methods text not null default '',
        trouble text,
        air double precision,
        water double precision,
        density double precision,
        density_measured boolean,
        ph double precision,
        ph_measured boolean,
        price_per_l double precision,
        pail jsonb,
        component jsonb,
        card jsonb
      );
      create index lot_cards_waiting on lot_cards (lot_id) where wanted <> made;
      create table lot_figures (
        lot_id uuid not null references lots (id),
        place smallint not null,
        property text not null,
        method_key text not null,
        method text not null,
        origin text not null,
        mean double precision not null,
        sd double precision,
        se double precision,
        n integer not null,
        counted double precision[] not null,
        words text,
        one_grab boolean not null,
        trouble jsonb,
        run_ids uuid[] not null,
        primary key (lot_id, place)
      );
      create index lot_figures_property on lot_figures (property, mean);
      create table learnt (
        id smallint primary key check (id = 1),
        wanted integer not null default 1,
        made integer not null default 0,
        methods text not null default '',
        body jsonb
      );
      insert into learnt (id) values (1);

      create index runs_started on runs (started_at, id);
      create index lots_created on lots (created_at, id);

      create function want_card(lot uuid) returns void language plpgsql as $$
      begin
        insert into lot_cards (lot_id) values (lot) on conflict (lot_id) do update set wanted = lot_cards.wanted + 1;
        perform pg_notify('lot_cards', '');
      end $$;
      create function want_card_of_lot() returns trigger language plpgsql as $$
      begin
        perform want_card(new.id);
        return null;
      end $$;
      create trigger lots_card after insert or update on lots for each row execute function want_card_of_lot();
      create function want_cards_of_material() returns trigger language plpgsql as $$
      begin
        if new.name is distinct from old.name or new.class_id is distinct from old.class_id then
          perform want_card(l.id) from lots l where l.material_id = new.id order by l.id;
        end if;
        return null;
      end $$;
      create trigger materials_card after update on materials for each row execute function want_cards_of_material();
      create function want_card_of_finished() returns trigger language plpgsql as $$
      begin
        perform want_card(new.lot_id);
        return null;
      end $$;
      create trigger runs_card after insert or update of finished_at on runs for each row when (new.finished_at is not null) execute function want_card_of_finished();
      create function want_card_of_run() returns trigger language plpgsql as $$
      begin
        perform want_card(r.lot_id) from runs r where r.id = new.run_id and r.finished_at is not null;
        return null;
      end $$;
      create trigger runs_card_reopened after update of finished_at on runs
        for each row when (old.finished_at is not null and new.finished_at is null) execute function want_card_of_finished();
      create table run_reopenings (
        id uuid primary key,
        run_id uuid not null references runs (id),
        reason text not null check (length(reason) >= 3),
        by_user uuid not null references users (id),
        kept_at timestamptz not null
      );
      create index run_reopenings_run on run_reopenings (run_id);
      create trigger run_reopenings_stand before update or delete on run_reopenings
        for each row execute function refuse_change();
      create trigger run_reopenings_stand_all before truncate on run_reopenings
        for each statement execute function refuse_change();
      create trigger readings_card after insert on readings for each row execute function want_card_of_run();
      create trigger exclusions_card after insert on exclusions for each row execute function want_card_of_run();
      create trigger run_stamps_card after insert on run_stamps for each row execute function want_card_of_run();

      insert into lot_cards (lot_id) select id from lots;
      alter table blend_versions add column flat jsonb;
    `);
    await flattenVersions(runner);
    await runner.query('alter table blend_versions alter column flat set not null');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      drop trigger run_stamps_card on run_stamps;
      drop trigger exclusions_card on exclusions;
      drop trigger readings_card on readings;
      drop trigger runs_card on runs;
      drop trigger runs_card_reopened on runs;
      drop table run_reopenings;
      drop trigger materials_card on materials;
      drop trigger lots_card on lots;
      drop function want_card_of_run(), want_card_of_finished(), want_cards_of_material(), want_card_of_lot(), want_card(uuid);
      drop index runs_started, lots_created;
      alter table blend_versions drop column flat;
      drop table learnt, lot_figures, lot_cards, run_figures, run_states;
    `);
  }
}
