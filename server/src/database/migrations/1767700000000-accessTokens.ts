import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Keys for scripts: only what they hash to is kept. */
export class AccessTokens1767700000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table access_tokens (
        id uuid primary key,
        name text not null,
        hash text not null unique,
        may text not null check (may in ('read', 'write')),
        by_user uuid not null references users (id),
        made_at timestamptz not null,
        used_at timestamptz,
        revoked_at timestamptz
      );
      create index access_tokens_user on access_tokens (by_user);
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('drop table access_tokens');
  }
}
