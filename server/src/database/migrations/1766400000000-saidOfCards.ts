import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What people say on a card: musts that hold or not, scores given instead of those worked out, how it grew. */
export class SaidOfCards1766400000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table musts_said (
        id uuid primary key,
        scorecard_id uuid not null references scorecards (id),
        criterion text not null,
        holds boolean not null,
        by_user uuid not null references users (id),
        kept_at timestamptz not null
      );
      create index musts_said_card on musts_said (scorecard_id, criterion, kept_at desc);
      create table score_overrides (
        id uuid primary key,
        scorecard_id uuid not null references scorecards (id),
        criterion text,
        value double precision check (value between 0 and 10),
        reason text not null,
        by_user uuid not null references users (id),
        kept_at timestamptz not null
      );
      create index score_overrides_card on score_overrides (scorecard_id, criterion, kept_at desc);
      create table growth_marks (
        scorecard_id uuid not null references scorecards (id),
        user_id uuid not null references users (id),
        species text not null,
        week integer not null check (week between 1 and 104),
        value double precision not null check (value between 0 and 10),
        tags text[] not null,
        kept_at timestamptz not null,
        primary key (scorecard_id, user_id, species, week)
      );
      create trigger musts_said_stand before update or delete on musts_said
        for each row execute function refuse_change();
      create trigger musts_said_stand_all before truncate on musts_said
        for each statement execute function refuse_change();
      create trigger score_overrides_stand before update or delete on score_overrides
        for each row execute function refuse_change();
      create trigger score_overrides_stand_all before truncate on score_overrides
        for each statement execute function refuse_change();
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('drop table growth_marks; drop table score_overrides; drop table musts_said');
  }
}
