import type { SellingPage } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { putOnShelf } from '../testing/bench';
import { startTestServer, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Awaited<ReturnType<TestServer['as']>>;
let blendId: string;

beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
  const { lotId } = await putOnShelf(tester, { classId: 'bark-fine' });
  blendId = uuidv7();
  const recipe = {
    lines: [{ lotId, parts: 1 }],
    potName: '15 cm',
    pot: { height_cm: 15 },
    model: 'packing',
    lime_meqPerL: 0,
  };
  const { status, body } = await tester.post('/blends', { id: uuidv7(), blendId, name: 'Tub mix', recipe });
  expect(status, JSON.stringify(body)).toBe(201);
});
afterAll(() => server.close());

const terms = (more: object = {}) => ({
  id: uuidv7(),
  pack_L: 40,
  packaging: 0.45,
  minutes: 6,
  hourPrice: 20,
  tradePrice: 7,
  privatePrice: 9,
  ...more,
});
const send = (what: string, body: object) => tester.post<SellingPage>(`/blends/${blendId}/selling/${what}`, body);

describe('a mix of one’s own', () => {
  it('has terms of which the newest count, and none is lost', async () => {
    expect((await tester.get<SellingPage>(`/blends/${blendId}/selling`)).body).not.toHaveProperty('terms');
    const first = terms();
    expect((await send('terms', first)).status).toBe(201);
    expect((await send('terms', first)).body.terms).toMatchObject({ pack_L: 40, by: tester.me.name });
    expect((await send('terms', { ...first, pack_L: 50 })).status).toBe(409);
    server.clock.forward(1);
    expect((await send('terms', terms({ privatePrice: 9.5 }))).body.terms?.privatePrice).toBe(9.5);
    const [kept] = await server.db.query<{ n: number }[]>('select count(*)::int as n from selling_terms');
    expect(kept?.n).toBe(2);
    await expect(server.db.query('delete from selling_terms')).rejects.toThrow();
  });

  it('has packs sold and complaints, the newest first', async () => {
    await send('sales', { id: uuidv7(), on: '2026-11-20', packs: 12, kind: 'trade', price: 7 });
    const { status, body } = await send('sales', {
      id: uuidv7(),
      on: '2026-11-22',
      packs: 2,
      kind: 'private',
      price: 9,
    });
    expect(status).toBe(201);
    expect(body.sales.map(({ on, packs, kind }) => [on, packs, kind])).toEqual([
      ['2026-11-22', 2, 'private'],
      ['2026-11-20', 12, 'trade'],
    ]);
    const said = await send('complaints', { id: uuidv7(), on: '2026-11-23', words: 'stays wet for a week' });
    expect(said.body.complaints).toMatchObject([{ words: 'stays wet for a week', by: tester.me.name }]);
  });

  it.each<[string, object, string]>([
    ['terms', terms({ pack_L: 0 }), 'pack_L'],
    ['terms', terms({ packaging: -1 }), 'packaging'],
    ['sales', { id: uuidv7(), on: '2026-11-20', packs: 0, kind: 'trade', price: 7 }, 'packs'],
    ['sales', { id: uuidv7(), on: '2026-11-20', packs: 1, kind: 'gift', price: 7 }, 'kind'],
    ['sales', { id: uuidv7(), on: '2026-11-20', packs: 1, kind: 'trade', price: 7, lotId: uuidv7() }, 'lotId'],
    ['complaints', { id: uuidv7(), on: '2026-11-20', words: '' }, 'words'],
  ])('%s are refused at their field', async (what, wrong, path) => {
    expect((await send(what, wrong)).body).toMatchObject({ error: { path } });
  });

  it('is not there for a blend that is not', async () => {
    expect((await tester.get(`/blends/${uuidv7()}/selling`)).status).toBe(404);
    expect((await tester.post(`/blends/${uuidv7()}/selling/terms`, terms())).status).toBe(404);
  });
});
