import type { LotCardPage, LotRow } from '@bent-pail/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { openSitting, fillSheet, putOnShelf, startRun } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let lead: Client & { readonly me: { readonly id: string } };
beforeAll(async () => {
  server = await startTestServer();
  lead = await server.as('lead');
});
afterAll(() => server.close());

const versionOf = async (id: string): Promise<number> =>
  (await lead.list<LotRow>('/lots')).find((row) => row.id === id)?.version as number;

describe('what a lot is changed to', () => {
  it.each([
    ['a pack of next to nothing', { packVolume_L: 1e-320 }],
    ['a pack of nothing', { packVolume_L: 0 }],
    ['a pack of a lake', { packVolume_L: 9e9 }],
    ['a price beyond all', { price: 1e308 }],
    ['a day that there is not', { boughtOn: '2026-02-30' }],
  ])('%s is refused and nothing is kept', async (_, change) => {
    const { lotId } = await putOnShelf(lead);
    const version = await versionOf(lotId);
    expect((await lead.send('PATCH', `/lots/${lotId}`, { version, ...change })).status).toBe(422);
    expect(await versionOf(lotId)).toBe(version);
    expect((await lead.get('/lots')).status).toBe(200);
  });

  it.each([
    ['update lots set pack_volume_l = 1e-320 where id = $1', /lots_bounds/],
    ['update lots set price = 9e7 where id = $1', /lots_bounds/],
    [`update lots set bought_on = '0001-01-01' where id = $1`, /lots_bought_on/],
  ])('past the server the database refuses too: %s', async (sql, constraint) => {
    const { lotId } = await putOnShelf(lead);
    await expect(server.db.query(sql, [lotId])).rejects.toThrow(constraint);
  });
});

/** A lot with a finished run and a price per litre that no number can hold, as one was kept before there were bounds. */
async function badLot(): Promise<string> {
  const shelf = await putOnShelf(lead, { name: 'Old bag' });
  const run = await startRun(lead, shelf);
  await fillSheet(server, lead, run);
  await lead.post(`/runs/${run.id}/finish`);
  await server.db.query('alter table lots drop constraint lots_bounds');
  await server.db.query('update lots set pack_volume_l = 1e-320 where id = $1', [shelf.lotId]);
  await server.app.cards.settled();
  return shelf.lotId;
}

describe('a lot whose card cannot be worked out', () => {
  it('is shown as that, with the reason, among the others, and can be mended', async () => {
    const good = await putOnShelf(lead, { name: 'Good bark', classId: 'bark-fine' });
    const bad = await badLot();
    const rows = await lead.list<LotRow>('/lots');
    expect(rows.find((row) => row.id === bad)?.trouble).toMatch(/\S/);
    expect(rows.find((row) => row.id === good.lotId)).not.toHaveProperty('trouble');
    expect(rows.find((row) => row.id === good.lotId)?.pail).toBeDefined();
    const page = await lead.get<LotCardPage>(`/lots/${bad}`);
    expect(page.status).toBe(200);
    expect(page.body.card.figures).toEqual([]);
    for (const address of ['/today', '/blends', '/learning', '/exports/cards.csv', '/exports/results.csv', '/runs'])
      expect([address, (await lead.get(address)).status]).toEqual([address, 200]);
    await openSitting(lead, bad, [lead.me.id]);
    expect((await lead.get('/scorecards')).status).toBe(200);

    const version = await versionOf(bad);
    const mended = await lead.send<LotRow>('PATCH', `/lots/${bad}`, { version, packVolume_L: 40 });
    expect(mended.status).toBe(200);
    expect(mended.body).not.toHaveProperty('trouble');
    expect(mended.body.pail).toBeDefined();
  });
});
