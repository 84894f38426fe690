import type { Page, SupplierPage, SupplierRow } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { putOnShelf, reading, startRun } from '../testing/bench';
import { startTestServer, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Awaited<ReturnType<TestServer['as']>>;

beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
});
afterAll(() => server.close());

const supplier = (more: object = {}) => ({
  id: uuidv7(),
  name: `Haldane ${uuidv7().slice(-6)}`,
  kind: 'trade',
  ...more,
});
const put = async (more: object = {}): Promise<SupplierPage> => {
  const { status, body } = await tester.post<SupplierPage>('/suppliers', supplier(more));
  expect(status, JSON.stringify(body)).toBe(201);
  return body;
};
const came = (id: string, more: object) =>
  tester.post<SupplierPage>(`/suppliers/${id}/deliveries`, { id: uuidv7(), on: '2026-11-20', ...more });

describe('a supplier', () => {
  it('is kept once by its name, and what is said of them can be changed', async () => {
    const made = await put({ name: 'Frith & Sons', note: 'rings before they come' });
    expect((await tester.post('/suppliers', supplier({ name: 'FRITH & sons' }))).body).toMatchObject({
      error: { path: 'name' },
    });
    const changed = await tester.post<SupplierPage>('/suppliers', supplier({ id: made.id, name: 'Frith & Daughters' }));
    expect(changed.body).toMatchObject({ id: made.id, name: 'Frith & Daughters' });
    expect(changed.body).not.toHaveProperty('note');
  });

  it('who gives things away needs somebody’s word that they may be taken', async () => {
    expect((await tester.post('/suppliers', supplier({ kind: 'free' }))).body).toMatchObject({
      error: { path: 'permission' },
    });
    const stable = await put({ kind: 'free', permission: 'the stable, each Friday', permissionUntil: '2027-03-31' });
    expect(stable).toMatchObject({ permission: 'the stable, each Friday', permissionUntil: '2027-03-31' });
  });

  it('has what came, at which price, what was out of stock, and what was seen at the gate', async () => {
    const { id } = await put();
    const { lotId } = await putOnShelf(tester, { name: 'Load of compost' });
    const gate = { weeds: 2, warmer_C: 12, moisture: 'moist', smell: 'earthy' };
    await came(id, { lotId, gate, decision: 'sort', words: 'set apart behind the shed' });
    const { status, body } = await came(id, { outOfStock: 'Coir blocks', on: '2026-11-24' });
    expect(status).toBe(201);
    expect(body).toMatchObject({ came: 1, sorted: 1, sentBack: 0, outOfStock: 1, lastOn: '2026-11-24' });
    expect(body.deliveries).toMatchObject([
      { outOfStock: 'Coir blocks', by: tester.me.name },
      { lot: { id: lotId, name: 'Load of compost' }, gate, decision: 'sort', words: 'set apart behind the shed' },
    ]);
    const { rows } = (await tester.get<Page<SupplierRow>>('/suppliers?limit=200')).body;
    expect(rows.find((row) => row.id === id)).toMatchObject({ came: 1, outOfStock: 1 });
  });

  it('says how even the loads of one product were', async () => {
    const { id } = await put();
    const first = await putOnShelf(tester, { name: 'Same bark' });
    const second = uuidv7();
    await tester.post('/lots', { id: second, materialId: first.materialId, code: 'B-2' });
    for (const [lotId, pH] of [
      [first.lotId, 5],
      [second, 6],
    ] as const) {
      const run = await startRun(tester, { ...first, lotId }, 'ph-1to5');
      for (const replicate of [0, 1, 2])
        await tester.post(`/runs/${run.id}/readings`, reading(server, replicate, 'pH', pH + replicate / 100));
      await tester.post(`/runs/${run.id}/finish`);
      await came(id, { lotId });
    }
    const { even } = (await tester.get<SupplierPage>(`/suppliers/${id}`)).body;
    expect(even.map(({ name }) => name)).toEqual(['Same bark']);
    expect(even[0]?.spreads[0]).toMatchObject({ property: 'pH' });
    expect(even[0]?.spreads[0]?.lots).toHaveLength(2);
  });

  it.each<[object, string]>([
    [{}, 'lotId'],
    [{ lotId: uuidv7() }, 'lotId'],
    [{ outOfStock: 'Bark', gate: { weeds: -1 } }, 'gate.weeds'],
    [{ outOfStock: 'Bark', gate: { smell: 'of roses' } }, 'gate.smell'],
    [{ outOfStock: 'Bark', on: 'today' }, 'on'],
    [{ outOfStock: 'Bark', decision: 'burn' }, 'decision'],
  ])('refuses %j at its field', async (wrong, path) => {
    const { id } = await put();
    expect((await came(id, wrong)).body).toMatchObject({ error: { path } });
  });

  it('is found by words and kind', async () => {
    await put({ name: 'Zebedee Farm', kind: 'free', permission: 'yes' });
    const names = async (asked: string) =>
      (await tester.get<Page<SupplierRow>>(`/suppliers${asked}`)).body.rows.map(({ name }) => name);
    expect(await names('?find=zebedee')).toEqual(['Zebedee Farm']);
    expect(await names('?find=zebedee&kind=trade')).toEqual([]);
    expect((await tester.get('/suppliers?kind=thief')).body).toMatchObject({ error: { path: 'kind' } });
  });
});
