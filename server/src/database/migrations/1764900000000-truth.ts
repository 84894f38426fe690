import type { MigrationInterface, QueryRunner } from 'typeorm';
import { contentHash } from '../contentHash';

interface Row {
  readonly key: string;
  readonly version: number;
  readonly body: object;
}

/** Tables whose rows are only ever added: what was read, what was left out and why, what a blend was kept as. */
const APPEND_ONLY = [
  'readings',
  'exclusions',
  'vessel_fillings',
  'filling_exclusions',
  'run_stamps',
  'calibrations',
  'blend_versions',
  'protocols',
  'rubrics',
] as const;

/**
 * The database itself refuses to change or drop what is only ever added (a demo may be emptied whole), and contents are told apart by what they say,
 * not by the order in which it was written.
 */
export class Truth1764900000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const table of ['protocols', 'rubrics']) {
      const rows = (await runner.query(`select key, version, body from ${table}`)) as readonly Row[];
      for (const { key, version, body } of rows)
        await runner.query(`update ${table} set hash = $3 where key = $1 and version = $2`, [
          key,
          version,
          contentHash(body),
        ]);
    }
    await runner.query(`
      create function refuse_change() returns trigger language plpgsql as $$
      begin
        if tg_op = 'TRUNCATE' and exists (select 1 from notebook where demo) then return null; end if;
        raise exception 'rows of % are only added, never changed or dropped', tg_table_name using errcode = 'restrict_violation';
      end $$;
    `);
    for (const table of APPEND_ONLY)
      await runner.query(`
        create trigger ${table}_stand before update or delete on ${table} for each row execute function refuse_change();
        create trigger ${table}_stand_all before truncate on ${table} for each statement execute function refuse_change();
      `);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of APPEND_ONLY)
      await runner.query(`drop trigger ${table}_stand on ${table}; drop trigger ${table}_stand_all on ${table}`);
    await runner.query('drop function refuse_change()');
  }
}
