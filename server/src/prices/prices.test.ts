import type { BoardPack, PriceBoardPage, PriceNote } from '@bent-pail/contract';
import { priceBoard } from '@bent-pail/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { reading, startRun } from '../testing/bench';
import { startTestServer, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Awaited<ReturnType<TestServer['as']>>;
beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
});
afterAll(() => server.close());

/** A bag of a product on the shelf. */
async function bag(name: string, more: object = {}): Promise<string> {
  const [materialId, lotId] = [uuidv7(), uuidv7()];
  await tester.post('/materials', { id: materialId, name, kind: 'product' });
  expect((await tester.post('/lots', { id: lotId, materialId, code: 'B-1', ...more })).status).toBe(201);
  return lotId;
}

const note = (lotId: string, more: object = {}) => ({
  id: uuidv7(),
  lotId,
  kind: 'offer',
  price: 8,
  on: '2026-11-20',
  form: 'loose',
  pack_L: 40,
  ...more,
});

async function onBoard(lotId: string): Promise<BoardPack[]> {
  const { body } = await tester.get<PriceBoardPage>('/prices');
  return body.packs.filter((pack) => pack.lotId === lotId);
}

describe('prices of a product', () => {
  it('begin with what was paid for the lot', async () => {
    const lotId = await bag('Hopwell', { price: 9, packVolume_L: 50, boughtOn: '2026-11-01' });
    expect(await onBoard(lotId)).toEqual([
      { name: 'Hopwell, B-1', lotId, price: 9, kind: 'paid', form: 'loose', pack_L: 50, on: '2026-11-01', noted: 0 },
    ]);
  });

  it('are noted by kind and day; the newest of each kind counts, and none is lost', async () => {
    const lotId = await bag('Scarp', { price: 9, packVolume_L: 50 });
    await tester.post('/prices', note(lotId, { price: 8, on: '2026-11-20' }));
    await tester.post('/prices', note(lotId, { price: 7, on: '2026-11-22', place: 'market day' }));
    await tester.post('/prices', note(lotId, { price: 6.5, on: '2026-11-10' }));
    const { body } = await tester.post<PriceNote[]>(
      '/prices',
      note(lotId, { kind: 'list', price: 11, on: '2026-11-21' }),
    );
    expect(body.map(({ price, kind }) => [price, kind])).toEqual([
      [7, 'offer'],
      [11, 'list'],
      [8, 'offer'],
      [6.5, 'offer'],
    ]);
    // Last season's offer is history, though none of its kind is newer.
    await tester.post('/prices', note(lotId, { kind: 'delivered', price: 2, on: '2026-05-01' }));
    expect(body[0]).toMatchObject({ place: 'market day', by: tester.me.name });
    const packs = await onBoard(lotId);
    expect(packs.map(({ name, price, noted }) => [name, price, noted])).toEqual([
      ['Scarp, B-1, list price', 11, 5],
      ['Scarp, B-1, on offer', 7, 5],
    ]);
  });

  it('sent twice is one note; the same id with another price is a conflict', async () => {
    const lotId = await bag('Tarn');
    const said = note(lotId);
    await tester.post('/prices', said);
    expect((await tester.post<PriceNote[]>('/prices', said)).body).toHaveLength(1);
    expect((await tester.post('/prices', { ...said, price: 1 })).status).toBe(409);
  });

  it.each([
    [{ price: -1 }, 'price'],
    [{ kind: 'made' }, 'kind'],
    [{ on: 'yesterday' }, 'on'],
    [{ form: 'byWeight' }, 'pack_kg'],
    [{ lotId: uuidv7() }, 'lotId'],
  ])('refuse %j at its field', async (wrong, path) => {
    const { status, body } = await tester.post('/prices', note(await bag(`Wrong ${path}`), wrong));
    expect(status).toBe(422);
    expect(body).toMatchObject({ error: { path } });
  });

  it('go by what was poured out, once somebody did', async () => {
    const lotId = await bag('Poured', { price: 10, packVolume_L: 40 });
    const run = await startRun(tester, { materialId: '', lotId, vesselIds: [] }, 'bag-volume');
    for (const i of [0, 1, 2]) await tester.post(`/runs/${run.id}/readings`, reading(server, i, 'volume', 34 + i / 10));
    expect((await tester.post(`/runs/${run.id}/finish`)).status).toBe(200);
    await tester.get(`/lots/${lotId}`);
    const [pack] = await onBoard(lotId);
    expect(pack?.true_L).toBeCloseTo(34.1, 9);
    expect(pack?.true_L_se).toBeGreaterThan(0);
    const [line] = priceBoard({ packs: [pack as BoardPack] }).lines;
    expect(line?.isMeasured).toBe(true);
    expect(line?.litres).toBe(pack?.true_L);
  });

  it('go by what a kilogram opened to here, times what the pack weighs', async () => {
    const lotId = await bag('Pressed', { price: 10, packWeight_kg: 5 });
    expect(await onBoard(lotId)).toEqual([]);
    const run = await startRun(tester, { materialId: '', lotId, vesselIds: [] }, 'expansion');
    const read = { dry: 2, water: 12, loose: 26 };
    for (const i of [0, 1, 2])
      for (const [step, value] of Object.entries(read))
        await tester.post(`/runs/${run.id}/readings`, reading(server, i, step, value));
    expect((await tester.post(`/runs/${run.id}/finish`)).status).toBe(200);
    await tester.get(`/lots/${lotId}`);
    const [pack] = await onBoard(lotId);
    expect(pack).toMatchObject({ weight_kg: 5 });
    expect(pack?.true_L).toBeCloseTo(65, 9);
    await tester.post('/prices', note(lotId, { form: 'block', pack_L: 20, pack_kg: 10, price: 18 }));
    const [heavier] = await onBoard(lotId);
    expect(heavier?.true_L).toBeCloseTo(130, 9);
  });

  it('are none of a panellist’s business: a price would tell what is behind a code', async () => {
    const lotId = await bag('Hidden', { price: 9, packVolume_L: 50 });
    const panellist = await server.as('panellist');
    expect((await panellist.get('/prices')).status).toBe(403);
    expect((await panellist.get(`/lots/${lotId}/prices`)).status).toBe(403);
    expect((await panellist.post('/prices', note(lotId))).status).toBe(403);
    const reader = await server.as('reader');
    expect((await reader.get('/prices')).status).toBe(200);
    expect((await reader.post('/prices', note(lotId))).status).toBe(403);
  });
});
