import type { MigrationInterface, QueryRunner } from 'typeorm';

const said = (columns: string): string => `
  drop trigger guides_edited on guides;
  create trigger guides_edited after update or delete on guides for each row execute function keep_edit(${columns});
`;

/** Uses and plants can be put away, as blends can, instead of being dropped; that it was done is told. */
export class GuidesAway1769100000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`alter table guides add column archived_at timestamptz; ${said(`'content', 'archived_at'`)}`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`${said(`'content'`)} alter table guides drop column archived_at`);
  }
}
