import type { MigrationInterface, QueryRunner } from 'typeorm';
import { beginPlants } from '../beginPlants';

/** Uses and plants of the notebook's own, with some plants to begin with, and work with a date. */
export class GuidesAndJobs1764330000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table guides (
        id uuid primary key,
        kind text not null check (kind in ('profile', 'plant')),
        content jsonb not null,
        version integer not null,
        by_user uuid references users (id),
        kept_at timestamptz not null
      );
      create table planned_jobs (
        id uuid primary key,
        at timestamptz not null,
        what text not null,
        place text not null,
        page text,
        by_user uuid not null references users (id),
        planned_at timestamptz not null,
        done_by uuid references users (id),
        done_at timestamptz
      );
      create index planned_jobs_open on planned_jobs (at) where done_at is null;
    `);
    await beginPlants((sql, values) => runner.query(sql, values));
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('drop table planned_jobs; drop table guides;');
  }
}
