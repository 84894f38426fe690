import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * Products are judged together, in a sitting: one opens for all its samples at once, when no sheet of any of them is out.
 * A card of before becomes a sitting of its own. `revealed_cards` is the one place that says what is open to see.
 */
export class Sittings1766200000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table sittings (
        id uuid primary key,
        label text not null,
        seed integer not null,
        warm_up jsonb,
        opened_by uuid references users (id),
        opened_at timestamptz not null
      );
      insert into sittings (id, label, seed, opened_at)
        select id, 'Sample ' || sample_code, 1, created_at from scorecards;
      alter table scorecards add column sitting_id uuid references sittings (id);
      update scorecards set sitting_id = id;
      alter table scorecards alter column sitting_id set not null;
      create unique index scorecards_sitting on scorecards (sitting_id, sample_code);

      alter table scorecard_raters
        add column place integer not null default 1,
        add column excused_at timestamptz,
        add column excused_by uuid references users (id),
        add column excused_because text,
        add column knows text;
      alter table scorecard_raters alter column place drop default;
      alter table ratings add column words text not null default '';
      alter table ratings alter column words drop default;

      create table warm_up_marks (
        sitting_id uuid not null references sittings (id),
        user_id uuid not null references users (id),
        criterion text not null,
        value double precision not null check (value between 0 and 10),
        kept_at timestamptz not null,
        primary key (sitting_id, user_id, criterion)
      );

      create view revealed_cards as
        select s.id from scorecards s where not exists (
          select 1 from scorecards o join scorecard_raters r on r.scorecard_id = o.id
          where o.sitting_id = s.sitting_id and r.handed_in_at is null and r.excused_at is null);

      create function tell_sitting() returns trigger language plpgsql as $$
      begin
        perform pg_notify('sittings', (select sitting_id::text from scorecards where id = new.scorecard_id));
        return null;
      end $$;
      create trigger raters_tell after insert or update on scorecard_raters
        for each row execute function tell_sitting();
      create trigger ratings_tell after insert on ratings
        for each row execute function tell_sitting();
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      drop trigger ratings_tell on ratings;
      drop trigger raters_tell on scorecard_raters;
      drop function tell_sitting();
      drop view revealed_cards;
      drop table warm_up_marks;
      alter table ratings drop column words;
      alter table scorecard_raters drop column place, drop column excused_at, drop column excused_by,
        drop column excused_because, drop column knows;
      drop index scorecards_sitting;
      alter table scorecards drop column sitting_id;
      drop table sittings;
    `);
  }
}
