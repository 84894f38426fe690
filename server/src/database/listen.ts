import type pg from 'pg';

/** Channels on which the database's own triggers tell of changes. */
export async function listenToChanges(client: pg.Client): Promise<void> {
  await client.query('listen bench_run; listen lot_cards; listen sittings; listen classes; listen trials');
}
