import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What a panel agreed on where its marks were far apart; the newest of a criterion counts, the marks themselves stay. */
export class AgreedMarks1766100000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table agreed_marks (
        id uuid primary key,
        scorecard_id uuid not null references scorecards (id),
        criterion text not null,
        value double precision not null check (value between 0 and 10),
        reason text not null,
        by_user uuid not null references users (id),
        kept_at timestamptz not null
      );
      create index agreed_marks_card on agreed_marks (scorecard_id, criterion, kept_at desc);
      create trigger agreed_marks_stand before update or delete on agreed_marks
        for each row execute function refuse_change();
      create trigger agreed_marks_stand_all before truncate on agreed_marks
        for each statement execute function refuse_change();
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('drop table agreed_marks');
  }
}
