import type { MigrationInterface, QueryRunner } from 'typeorm';

/** How a run's sample was taken, readings of a pen in mV, how a preparation went. */
export class SampleAndMv1764250000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      alter table runs add sample jsonb;
      alter table lots add preparation jsonb;
      alter table readings add mv_temp_c double precision check (mv_temp_c between 0 and 60);
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(
      'alter table readings drop mv_temp_c; alter table runs drop sample; alter table lots drop preparation;',
    );
  }
}
