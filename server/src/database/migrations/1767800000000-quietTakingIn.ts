import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A file that is taken in asks for cards once, at its end: until then it holds no card that somebody works at. */
export class QuietTakingIn1767800000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create function takes_in_quietly() returns boolean language sql stable as $$
        select coalesce(current_setting('bent_pail.quiet', true), '') = 'on'
      $$;
      create or replace function want_card(lot uuid) returns void language plpgsql as $$
      begin
        if takes_in_quietly() then
          insert into lot_cards (lot_id) values (lot) on conflict (lot_id) do nothing;
        else
          insert into lot_cards (lot_id) values (lot) on conflict (lot_id) do update set wanted = lot_cards.wanted + 1;
          perform pg_notify('lot_cards', '');
        end if;
      end $$;
      create or replace function want_watch_of_entry() returns trigger language plpgsql as $$
      begin
        if not takes_in_quietly() then
          update pot_watches set wanted = wanted + 1 where pot_id = new.pot_id;
          perform pg_notify('lot_cards', '');
        end if;
        return null;
      end $$;
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create or replace function want_card(lot uuid) returns void language plpgsql as $$
      begin
        insert into lot_cards (lot_id) values (lot) on conflict (lot_id) do update set wanted = lot_cards.wanted + 1;
        perform pg_notify('lot_cards', '');
      end $$;
      create or replace function want_watch_of_entry() returns trigger language plpgsql as $$
      begin
        update pot_watches set wanted = wanted + 1 where pot_id = new.pot_id;
        perform pg_notify('lot_cards', '');
        return null;
      end $$;
      drop function takes_in_quietly();
    `);
  }
}
