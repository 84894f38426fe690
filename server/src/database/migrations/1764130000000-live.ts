import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Whatever changes a run is told to everyone who listens, once it is committed. */
export class Live1764130000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create function tell_run() returns trigger language plpgsql as $$
      begin
        perform pg_notify('bench_run', coalesce(to_jsonb(new) ->> 'run_id', to_jsonb(new) ->> 'id'));
        return null;
      end
      $$;
      create trigger readings_live after insert on readings for each row execute function tell_run();
      create trigger exclusions_live after insert on exclusions for each row execute function tell_run();
      create trigger runs_live after insert or update on runs for each row execute function tell_run();
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      drop trigger runs_live on runs;
      drop trigger exclusions_live on exclusions;
      drop trigger readings_live on readings;
      drop function tell_run();
    `);
  }
}
