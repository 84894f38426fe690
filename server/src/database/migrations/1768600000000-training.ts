import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Training of the hand: measured lots put out under a code, and what somebody took them to be. */
export class Training1768600000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table training_samples (
        id uuid primary key,
        lot_id uuid not null references lots (id),
        code text not null check (length(code) between 1 and 6),
        by_user uuid not null references users (id),
        kept_at timestamptz not null,
        ended_at timestamptz
      );
      create unique index training_samples_code on training_samples (code) where ended_at is null;
      create table hand_tries (
        id uuid primary key,
        sample_id uuid not null references training_samples (id),
        user_id uuid not null references users (id),
        kind text not null,
        value double precision not null,
        margin double precision check (margin >= 0),
        measured double precision not null,
        kept_at timestamptz not null,
        unique (user_id, sample_id, kind)
      );
      create trigger hand_tries_stand before update or delete on hand_tries for each row execute function refuse_change();
      create trigger hand_tries_stand_all before truncate on hand_tries
        for each statement execute function refuse_change();
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('drop table hand_tries, training_samples');
  }
}
