import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * What was known when a batch was mixed is kept with it, so that its prediction can be held against what is measured later.
 */
export class Foresight1766800000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('alter table lots add column foreseen jsonb');
    // Cards of before do not hold the readings that draws are made from, nor what was learnt its proof: all are made anew.
    await runner.query(
      'update lot_cards set wanted = wanted + 1, made = 0, pail = null, component = null, card = null',
    );
    await runner.query('update learnt set wanted = wanted + 1, made = 0, body = null');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('alter table lots drop column foreseen');
  }
}
