import type { FigureWithout, LotCardPage, LotLife, LotRow, RunSheet } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { fillSheet, openSitting, putOnShelf, startRun, type Pumice } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Client;
let shelf: Pumice;
let run: RunSheet;
const blendId = uuidv7();

beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
  shelf = await putOnShelf(tester, { name: 'Pumice' });
  run = await startRun(tester, shelf);
  await fillSheet(server, tester, run);
  await tester.post(`/runs/${run.id}/finish`);
  const { lotId } = shelf;
  const recipe = {
    lines: [{ lotId, parts: 1 }],
    potName: 'Tub',
    pot: { height_cm: 20 },
    model: 'average',
    lime_meqPerL: 0,
  };
  await tester.post('/blends', { id: uuidv7(), blendId, name: 'Tub mix', recipe });
  const pot = { name: 'By the gate', count: 1, shape: { height_cm: 25 }, filledOn: '2026-10-01', stand: 'mild' };
  await tester.post('/pots', { id: uuidv7(), ...pot, mediumKind: 'blend', mediumId: blendId });
  const batch = { id: uuidv7(), materialId: uuidv7(), code: 'TM-1', made_L: 10 };
  expect((await tester.post(`/blends/${blendId}/versions/1/batches`, batch)).status).toBe(201);
});
afterAll(() => server.close());

const life = async (lotId = shelf.lotId): Promise<LotLife> => (await tester.get<LotLife>(`/lots/${lotId}/life`)).body;
const without = (body: object, lotId = shelf.lotId) => tester.post<FigureWithout[]>(`/lots/${lotId}/without`, body);
const airOf = (figures: readonly FigureWithout[]) => figures.find(({ property }) => property === 'airSpace');

describe('where a number comes from and goes', () => {
  it('are its finished runs, and whatever rests on the lot', async () => {
    const { lot, restsOn, goesInto } = await life();
    expect(lot).toMatchObject({ name: 'Pumice', code: 'PM-3' });
    expect(restsOn).toMatchObject([{ kind: 'run', id: run.id, number: run.number, leftOut: 0 }]);
    expect(restsOn[0]?.readings).toBeGreaterThan(15);
    expect(goesInto.map(({ kind }) => kind).sort()).toEqual(['batch', 'blend', 'pot']);
    expect(goesInto.find(({ kind }) => kind === 'blend')).toMatchObject({ id: blendId, title: 'Tub mix', number: 1 });
  });

  it('can be walked: a batch has a life of its own', async () => {
    const batch = (await life()).goesInto.find(({ kind }) => kind === 'batch');
    const { restsOn, goesInto } = await life(batch?.id);
    expect([restsOn, goesInto]).toEqual([[], []]);
    expect((await tester.get(`/lots/${uuidv7()}/life`)).status).toBe(404);
  });

  it('say nothing of a panel that is not revealed', async () => {
    const rater = await server.as('panellist');
    await openSitting(await server.as('lead'), shelf.lotId, [rater.me.id]);
    expect((await life()).goesInto.filter(({ kind }) => kind === 'card')).toEqual([]);
    expect((await rater.get(`/lots/${shelf.lotId}/life`)).status).toBe(403);
  });
});

describe('a replicate that is left out to see', () => {
  it('changes the figures as leaving it out for good would, and nothing is kept', async () => {
    const before = (await tester.get<LotCardPage>(`/lots/${shelf.lotId}`)).body.card;
    const { status, body } = await without({ runId: run.id, replicate: 2 });
    expect(status).toBe(200);
    const air = airOf(body);
    expect([air?.is?.n, air?.would?.n]).toEqual([3, 2]);
    expect((await tester.get<LotCardPage>(`/lots/${shelf.lotId}`)).body.card).toEqual(before);
    await tester.post(`/runs/${run.id}/reopen`, { id: uuidv7(), reason: 'to leave one out' });
    await tester.post(`/runs/${run.id}/exclusions`, { id: uuidv7(), replicate: 2, reason: 'spilt' });
    await tester.post(`/runs/${run.id}/finish`);
    const { figures } = (await tester.get<LotCardPage>(`/lots/${shelf.lotId}`)).body.card;
    expect(figures.find(({ property }) => property === 'airSpace')?.summary.mean).toBe(air?.would?.mean);
    expect((await without({ runId: run.id, replicate: 2 })).body).toEqual([]);
  });

  it('may be one reading alone: what nothing else needs goes by itself, else its replicate goes along', async () => {
    const sheet = (await tester.get<RunSheet>(`/runs/${run.id}`)).body;
    const optional = sheet.protocol.steps.find(
      ({ key, optional: may }) => may === true && sheet.readings.some(({ step }) => step === key),
    );
    const needed = (await without({ runId: run.id, replicate: 1, step: 'drained' })).body;
    expect(needed).toEqual((await without({ runId: run.id, replicate: 1 })).body);
    expect(airOf(needed)?.would?.n).toBe(1);
    const alone = (await without({ runId: run.id, replicate: 1, step: String(optional?.key) })).body;
    expect(alone.length).toBeGreaterThan(0);
    // The replicate counts on with what it has left.
    expect(airOf(alone)?.would?.n ?? 2).toBe(2);
    expect(alone).not.toEqual(needed);
    expect((await without({ runId: run.id, replicate: 1, step: 'smell' })).body).toMatchObject({
      error: { path: 'step' },
    });
  });

  it('is one that there is, of a run that counts', async () => {
    expect((await without({ runId: uuidv7(), replicate: 0 })).body).toMatchObject({ error: { path: 'runId' } });
    expect((await without({ runId: run.id, replicate: 12 })).body).toMatchObject({ error: { path: 'replicate' } });
    expect((await without({ runId: run.id, replicate: 0 }, uuidv7())).status).toBe(404);
    const lots = await tester.list<LotRow>('/lots');
    expect(lots.length).toBeGreaterThan(0);
  });
});
