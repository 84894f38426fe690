import { HAND_KINDS, type TrainingPage } from '@bent-pail/contract';
import { HAND_KIND_FACES } from '@bent-pail/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { fillSheet, putOnShelf, startRun, type Pumice } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Client;
let panellist: Client;
let shelf: Pumice;
let sampleId: string;
beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
  panellist = await server.as('panellist');
  shelf = await putOnShelf(tester);
  const run = await startRun(tester, shelf);
  await fillSheet(server, tester, run);
  await tester.post(`/runs/${run.id}/finish`);
  await server.app.cards.settled();
});
afterAll(() => server.close());

const page = async (client: Client): Promise<TrainingPage> => (await client.get<TrainingPage>('/training')).body;
const estimate = (client: Client, more: object) =>
  client.post<TrainingPage>('/training/tries', { id: uuidv7(), sampleId, kind: 'air', value: 30, margin: 8, ...more });

it('what hands are trained in is one list', () => {
  expect(Object.keys(HAND_KIND_FACES)).toEqual([...HAND_KINDS]);
});

describe('a sample for hands', () => {
  it('is a measured lot under a code; what is behind it is told to nobody who only tries', async () => {
    const bare = await putOnShelf(tester, { name: 'Never measured', classId: 'scoria' });
    const refused = await tester.post('/training/samples', { id: uuidv7(), lotId: bare.lotId });
    expect(refused.body).toMatchObject({ error: { path: 'lotId' } });
    sampleId = uuidv7();
    const out = await tester.post<TrainingPage>('/training/samples', { id: sampleId, lotId: shelf.lotId });
    expect(out.body.samples).toMatchObject([{ id: sampleId, lot: 'Pumice 3-8 mm, PM-3' }]);
    expect(out.body.samples[0]?.open).toEqual(expect.arrayContaining(['air', 'density', 'moisture']));
    expect((await tester.post('/training/samples', { id: uuidv7(), lotId: shelf.lotId })).status).toBe(422);
    expect(JSON.stringify(await page(panellist))).not.toMatch(/Pumice|PM-3/);
    expect((await panellist.post('/training/samples', { id: uuidv7(), lotId: shelf.lotId })).status).toBe(403);
    expect((await (await server.as('reader')).get('/training')).status).toBe(403);
  });

  it('is tried once by each, and tells then what was measured; one’s own hand stays one’s own', async () => {
    expect(JSON.stringify(await page(panellist))).not.toMatch(/measured/);
    const tried = await estimate(panellist, {});
    expect(tried.status).toBe(201);
    expect(tried.body.tries).toMatchObject([{ kind: 'air', value: 30, margin: 8 }]);
    expect(tried.body.tries[0]?.measured).toBeGreaterThan(5);
    expect(tried.body.samples[0]?.open).not.toContain('air');
    expect((await estimate(panellist, {})).status).toBe(409);
    expect((await page(tester)).tries).toEqual([]);
    expect((await estimate(tester, { value: 12 })).status).toBe(201);
  });

  it.each([
    [{ value: 200 }, 422],
    [{ kind: 'squeeze', value: 1 }, 422],
    [{ kind: 'taste' }, 422],
    [{ kind: 'density', margin: -1 }, 422],
    [{ sampleId: uuidv7() }, 404],
  ])('refuses %j', async (wrong, status) => {
    expect((await estimate(panellist, wrong)).status).toBe(status);
  });

  it('is taken away, and what was tried stays', async () => {
    const before = (await page(panellist)).tries;
    expect((await tester.post(`/training/samples/${sampleId}/away`)).status).toBe(200);
    expect((await page(panellist)).samples).toEqual([]);
    expect((await page(panellist)).tries).toEqual(before);
    expect((await estimate(panellist, { kind: 'density', value: 0.5 })).status).toBe(404);
    await expect(server.db.query('update hand_tries set value = 1')).rejects.toThrow(/only added/);
  });
});
