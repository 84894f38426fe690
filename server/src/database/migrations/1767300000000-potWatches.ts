import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * More of a pot's diary: what it was fed, what a pour did, what was seen, where it was moved. And beside it, what the
 * diary asks for next: worked out anew, as cards are, whenever a line is added.
 */
export class PotWatches1767300000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      alter table filled_pots add column feeder text;
      alter table pot_entries add column feed jsonb, add column pour jsonb, add column signs text[],
        add column stand text;
      create table pot_watches (
        pot_id uuid primary key references filled_pots (id),
        wanted int not null default 1,
        made int not null default 0,
        methods text not null default '',
        trouble text,
        next_at timestamptz,
        next_from timestamptz,
        next_to timestamptz,
        advice jsonb not null default '[]'
      );
      create index pot_watches_open on pot_watches (pot_id) where wanted <> made;
      create index pot_watches_next on pot_watches (next_at);
      create function want_watch_of_pot() returns trigger language plpgsql as $$
      begin
        insert into pot_watches (pot_id) values (new.id) on conflict do nothing;
        perform pg_notify('lot_cards', '');
        return null;
      end $$;
      create trigger filled_pots_watch after insert on filled_pots
        for each row execute function want_watch_of_pot();
      create function want_watch_of_entry() returns trigger language plpgsql as $$
      begin
        update pot_watches set wanted = wanted + 1 where pot_id = new.pot_id;
        perform pg_notify('lot_cards', '');
        return null;
      end $$;
      create trigger pot_entries_watch after insert on pot_entries
        for each row execute function want_watch_of_entry();
      insert into pot_watches (pot_id) select id from filled_pots;
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      drop trigger pot_entries_watch on pot_entries;
      drop trigger filled_pots_watch on filled_pots;
      drop function want_watch_of_entry(), want_watch_of_pot();
      drop table pot_watches;
      alter table pot_entries drop column feed, drop column pour, drop column signs, drop column stand;
      alter table filled_pots drop column feeder;
    `);
  }
}
