import type { MigrationInterface, QueryRunner } from 'typeorm';

/** How a run's sample was taken and packed, readings of a pen in mV, how a preparation went. */
export class SampleAndMv1764250000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      alter table runs add sample jsonb;
      alter table runs add press_gcm2 double precision check (press_gcm2 > 0);
      alter table runs drop constraint runs_packing_habit_check;
      alter table runs add check (packing_habit in ('loose', 'tapped', 'firmed', 'pressed'));
      alter table lots add preparation jsonb;
      alter table readings add mv_temp_c double precision check (mv_temp_c between 0 and 60);
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(
      'alter table readings drop mv_temp_c; alter table runs drop sample; alter table runs drop press_gcm2; alter table lots drop preparation;',
    );
  }
}
