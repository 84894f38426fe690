import type { DeskLots, LotCardPage, LotRow, Page, VesselRow } from '@bent-pail/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { putOnShelf, reading, startRun, type Pumice } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Client;
let shelf: Pumice;

beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
  shelf = await putOnShelf(tester);
});
afterAll(() => server.close());

describe('lots', () => {
  it('are listed with their class’s pail until they are measured', async () => {
    const lot = (await tester.list<LotRow>('/lots')).find((one) => one.id === shelf.lotId);
    expect(lot).toMatchObject({
      name: 'Pumice 3-8 mm',
      code: 'PM-3',
      price: 12,
      finishedRuns: 0,
      pail: { kind: 'class' },
    });
  });

  it('are saved on the version that was changed; a stale save gets both versions', async () => {
    const saved = await tester.send<LotRow>('PATCH', `/lots/${shelf.lotId}`, { version: 1, grade: '3-8 mm' });
    expect(saved.body).toMatchObject({ grade: '3-8 mm', version: 2, price: 12 });
    const stale = await tester.send('PATCH', `/lots/${shelf.lotId}`, { version: 1, grade: 'fine' });
    expect(stale.status).toBe(409);
    expect(stale.body).toMatchObject({ error: { current: { grade: '3-8 mm', version: 2 } } });
  });

  it('can say that something is not known after all', async () => {
    const lots = await tester.list<LotRow>('/lots');
    const { version, price } = lots.find((one) => one.id === shelf.lotId) as LotRow;
    const cleared = await tester.send<LotRow>('PATCH', `/lots/${shelf.lotId}`, { version, grade: null, price: null });
    expect(cleared.body.grade).toBeUndefined();
    expect(cleared.body.price).toBeUndefined();
    await tester.send('PATCH', `/lots/${shelf.lotId}`, { version: version + 1, price });
  });

  it('are of their own class where somebody says so: their material and their siblings stay what they are', async () => {
    const { lotId, materialId } = await putOnShelf(tester, { name: 'Coir, mixed', classId: 'coir-pith' });
    const sibling = { id: uuidv7(), materialId, code: 'CO-9', classId: 'coir-chips' };
    expect((await tester.post<LotRow>('/lots', sibling)).body).toMatchObject({ classId: 'coir-chips', ownClass: true });
    const rowOf = async (id: string) => (await tester.list<LotRow>('/lots')).find((one) => one.id === id) as LotRow;
    expect(await rowOf(lotId)).toMatchObject({ classId: 'coir-pith' });
    expect((await rowOf(lotId)).ownClass).toBeUndefined();
    const unknown = await tester.send<LotRow>('PATCH', `/lots/${sibling.id}`, { version: 1, classId: null });
    expect(unknown.body.classId).toBeUndefined();
    expect(unknown.body.pail).toBeUndefined();
    expect((await rowOf(lotId)).pail?.kind).toBe('class');
    const odd = await tester.send('PATCH', `/lots/${sibling.id}`, { version: 2, classId: 'gravel-blue' });
    expect(odd.body).toMatchObject({ error: { path: 'classId' } });
    const { rows } = (await tester.get<{ rows: LotRow[] }>('/lots?classId=coir-pith')).body;
    expect(rows.map(({ id }) => id)).toContain(lotId);
    expect(rows.map(({ id }) => id)).not.toContain(sibling.id);
  });

  it('that nobody can name is described, and can be mixed then', async () => {
    const { lotId } = await putOnShelf(tester, { name: 'The grey stuff' });
    const card = async () => (await tester.get<LotCardPage>(`/lots/${lotId}`)).body;
    await tester.send('PATCH', `/lots/${lotId}`, { version: 1, classId: 'like:pea.stone.little' });
    const { lot, card: described } = await card();
    expect(lot.classId).toBe('like:pea.stone.little');
    expect(described.component?.notes.join(' ')).toMatch(/nobody can name/);
    const odd = await tester.send('PATCH', `/lots/${lotId}`, { version: 2, classId: 'like:pea.cheese.little' });
    expect(odd.body).toMatchObject({ error: { path: 'classId' } });
  });

  it('never take nothing for a name', async () => {
    const answer = await tester.send('PATCH', `/materials/${shelf.materialId}`, { version: 1, name: null });
    expect(answer.status).toBe(422);
    expect(answer.body).toMatchObject({ error: { path: 'name' } });
  });

  it('refuse a code twice, a negative price and a pack of nothing', async () => {
    const lot = { id: uuidv7(), materialId: shelf.materialId, code: 'PM-3' };
    expect((await tester.post('/lots', lot)).body).toMatchObject({ error: { path: 'code' } });
    expect((await tester.post('/lots', { ...lot, code: 'PM-4', price: -1 })).body).toMatchObject({
      error: { path: 'price' },
    });
    expect((await tester.post('/lots', { ...lot, code: 'PM-4', packVolume_L: 0 })).body).toMatchObject({
      error: { path: 'packVolume_L' },
    });
  });

  it('of a material that does not exist are refused', async () => {
    const answer = await tester.post('/lots', { id: uuidv7(), materialId: uuidv7(), code: 'X' });
    expect(answer.body).toMatchObject({ error: { path: 'materialId' } });
  });
});

describe('vessels', () => {
  it('get their volume from the water that fills them', async () => {
    const vessel = (await tester.get<VesselRow[]>('/vessels')).body.find((one) => one.id === shelf.vesselIds[0]);
    expect(vessel?.volume_mL).toBeCloseTo(1050 / 0.998203, 2);
  });

  it('without a depth ask for it at the first filling', async () => {
    const id = uuidv7();
    await tester.post('/vessels', { id, name: 'new', kind: 'vessel' });
    const filling = { id: uuidv7(), empty_g: 300, full_g: 1300, waterTemp_C: 20 };
    expect((await tester.post(`/vessels/${id}/fillings`, filling)).body).toMatchObject({
      error: { path: 'shape.height_cm' },
    });
    const kept = await tester.post<VesselRow>(`/vessels/${id}/fillings`, { ...filling, shape: { height_cm: 11 } });
    expect(kept.body).toMatchObject({ height_cm: 11, fillings: 1 });
  });

  it('that weigh no more when full are refused', async () => {
    const filling = { id: uuidv7(), empty_g: 300, full_g: 300, waterTemp_C: 20 };
    const answer = await tester.post(`/vessels/${String(shelf.vesselIds[0])}/fillings`, filling);
    expect(answer.body).toMatchObject({ error: { path: 'full_g' } });
  });
});

describe('lots of one material', () => {
  it('are compared on each other’s cards', async () => {
    const codes = ['B-1', 'B-2'];
    for (const [i, code] of codes.entries()) {
      const lotId = uuidv7();
      await tester.post('/lots', { id: lotId, materialId: shelf.materialId, code });
      const run = await startRun(tester, { ...shelf, lotId }, 'ph-1to5');
      for (const k of [0, 1, 2])
        await tester.post(`/runs/${run.id}/readings`, reading(server, k, 'pH', 5 + i + 0.02 * k));
      expect((await tester.post(`/runs/${run.id}/finish`)).status).toBe(200);
    }
    const { kin } = (await tester.get<LotCardPage>(`/lots/${shelf.lotId}`)).body;
    const pH = kin.find((one) => one.property === 'pH');
    expect(pH?.lots.map((lot) => lot.code)).toEqual(codes);
    expect(pH?.spread.betweenSd).toBeCloseTo(Math.SQRT1_2, 2);
  });
});

describe('a lot that is put away', () => {
  it('is in no list and offered nowhere, but keeps its card and comes back', async () => {
    const name = `Tuff ${uuidv7().slice(-6)}`;
    const { lotId, materialId } = await putOnShelf(tester, { name });
    const rowNow = async () => (await tester.get<LotCardPage>(`/lots/${lotId}`)).body.lot;
    const lots = async (asked: string) =>
      (await tester.get<Page<LotRow>>(`/lots?${asked}`)).body.rows.map(({ id }) => id);
    const find = `find=${encodeURIComponent(name)}`;
    expect(await lots(find)).toEqual([lotId]);
    const { version } = await rowNow();
    expect((await tester.send('PATCH', `/lots/${lotId}`, { version, archived: true })).status).toBe(200);
    expect(await lots(find)).toEqual([]);
    expect(await lots(`${find}&state=archived`)).toEqual([lotId]);
    expect(await lots(`ids=${lotId}`)).toEqual([lotId]);
    expect((await rowNow()).archived).toBe('lot');
    const desk = (await tester.get<DeskLots>('/lots/desk')).body;
    expect(desk.lots.map(({ id }) => id)).not.toContain(lotId);
    const back = await tester.send<LotRow>('PATCH', `/lots/${lotId}`, { version: version + 1, archived: false });
    expect(back.body.archived).toBeUndefined();
    expect(await lots(find)).toEqual([lotId]);
    // With all of its material.
    const { materialVersion } = await rowNow();
    await tester.send('PATCH', `/materials/${materialId}`, { version: materialVersion, archived: true });
    expect(await lots(find)).toEqual([]);
    expect((await rowNow()).archived).toBe('material');
  });

  it('takes another code, but none that its material has already', async () => {
    const { lotId, materialId } = await putOnShelf(tester, { name: `Tuff ${uuidv7().slice(-6)}` });
    await tester.post('/lots', { id: uuidv7(), materialId, code: 'T-2' });
    const { version } = (await tester.get<LotCardPage>(`/lots/${lotId}`)).body.lot;
    expect((await tester.send('PATCH', `/lots/${lotId}`, { version, code: 'T-2' })).status).toBeGreaterThanOrEqual(400);
    const named = await tester.send<LotRow>('PATCH', `/lots/${lotId}`, { version, code: 'T-3' });
    expect(named.body.code).toBe('T-3');
  });
});
