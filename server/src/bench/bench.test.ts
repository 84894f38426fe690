import type { KeptReading, LotCardPage, RunSheet, TodayPage } from '@bent-pail/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { fillSheet, putOnShelf, reading, startRun, type Pumice } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Client & { readonly me: { readonly name: string } };
let shelf: Pumice;

beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
  shelf = await putOnShelf(tester);
});
afterAll(() => server.close());

describe('one name', () => {
  it('brings material, lot, vessels and run into being, and asking again changes nothing', async () => {
    const body = {
      name: 'Coarse perlite',
      protocol: 'saturate-drain-dry',
      runId: uuidv7(),
      materialId: uuidv7(),
      lotId: uuidv7(),
    };
    const first = await tester.post<RunSheet>('/quick-start', body);
    expect(first.status).toBe(201);
    expect(first.body.lot).toMatchObject({ name: 'Coarse perlite', code: '1', classId: 'perlite-coarse' });
    expect(first.body.vessels).toHaveLength(3);
    expect((await tester.post<RunSheet>('/quick-start', body)).body.number).toBe(first.body.number);
    const again = await tester.post<RunSheet>('/quick-start', {
      ...body,
      name: 'coarse PERLITE',
      runId: uuidv7(),
      lotId: uuidv7(),
    });
    expect(again.body.lot).toMatchObject({ name: 'Coarse perlite', code: '2' });
  });

  it('needs no known class', async () => {
    const body = {
      name: 'the grey stuff',
      protocol: 'kitchen-form',
      runId: uuidv7(),
      materialId: uuidv7(),
      lotId: uuidv7(),
    };
    expect((await tester.post<RunSheet>('/quick-start', body)).body.lot.classId).toBeUndefined();
  });

  it('leaves the kind of a first lot open where its name is not meant as it is read', async () => {
    const body = {
      name: 'Coco peat',
      protocol: 'saturate-drain-dry',
      runId: uuidv7(),
      materialId: uuidv7(),
      lotId: uuidv7(),
    };
    const open = await tester.post<RunSheet>('/quick-start', { ...body, kindOpen: true });
    expect(open.body.lot.classId).toBeUndefined();
  });
});

describe('a reading', () => {
  it('sent twice is kept once and answered alike; the same id with another value is a conflict', async () => {
    const run = await startRun(tester, shelf);
    const body = reading(server, 0, 'tare', 312.4);
    const first = await tester.post<KeptReading>(`/runs/${run.id}/readings`, body);
    expect(first.status).toBe(201);
    expect((await tester.post(`/runs/${run.id}/readings`, body)).body).toEqual(first.body);
    expect((await tester.post(`/runs/${run.id}/readings`, { ...body, value: 999 })).status).toBe(409);
    const sheet = await tester.get<RunSheet>(`/runs/${run.id}`);
    expect(sheet.body.readings).toHaveLength(1);
  });

  it('takes its own place in the run’s order, also when twenty come at once', async () => {
    const run = await startRun(tester, shelf);
    const answers = await Promise.all(
      Array.from({ length: 20 }, (_, i) =>
        tester.post<KeptReading>(`/runs/${run.id}/readings`, reading(server, i % 3, 'tare', 300 + i)),
      ),
    );
    const places = answers.map((answer) => answer.body.seq).sort((a, b) => a - b);
    expect(places).toEqual(Array.from({ length: 20 }, (_, i) => i + 1));
  });

  it.each<[string, object, string]>([
    ['negative', { replicate: 0, step: 'tare', value: -3 }, 'value'],
    ['text', { replicate: 0, step: 'tare', value: '12,5' }, 'value'],
    ['of the 13th replicate', { replicate: 12, step: 'tare', value: 3 }, 'replicate'],
    ['of a replicate that the run has not', { replicate: 7, step: 'tare', value: 3 }, 'replicate'],
    ['of an unknown step', { replicate: 0, step: 'sieve', value: 3 }, 'value'],
    ['from next week', { replicate: 0, step: 'tare', value: 3, takenAt: '2026-12-24T08:00:00Z' }, 'takenAt'],
  ])('%s is refused at its field', async (_, body, path) => {
    const run = await startRun(tester, shelf);
    const answer = await tester.post(`/runs/${run.id}/readings`, { ...reading(server, 0, 'tare', 1), ...body });
    expect(answer.status).toBe(422);
    expect(answer.body).toMatchObject({ error: { path } });
  });

  it('is corrected by another one, with a reason, once; both stay', async () => {
    const run = await startRun(tester, shelf);
    const old = (await tester.post<KeptReading>(`/runs/${run.id}/readings`, reading(server, 1, 'tare', 312.4))).body;
    const correct = (more: object) =>
      tester.post(`/runs/${run.id}/readings`, reading(server, 1, 'tare', 314.2, { corrects: old.id, ...more }));
    expect((await correct({})).body).toMatchObject({ error: { path: 'reason' } });
    expect((await correct({ replicate: 0, reason: 'wrong cell' })).body).toMatchObject({ error: { path: 'corrects' } });
    expect((await correct({ reason: 'mesh forgotten' })).status).toBe(201);
    expect((await correct({ reason: 'again' })).status).toBe(409);
    const { readings } = (await tester.get<RunSheet>(`/runs/${run.id}`)).body;
    expect(readings.map((one) => one.value)).toEqual([312.4, 314.2]);
    expect(readings[1]).toMatchObject({ corrects: old.id, reason: 'mesh forgotten' });
  });
});

describe('a finished run that is opened again', () => {
  it('counts nowhere until it is finished anew, with why it was opened in sight', async () => {
    const own = await putOnShelf(tester);
    const run = await startRun(tester, own);
    await fillSheet(server, tester, run);
    const address = `/runs/${run.id}/reopen`;
    const body = { id: uuidv7(), reason: 'C was knocked over' };
    expect((await tester.post(address, body)).body).toMatchObject({ error: { path: 'run' } });
    await tester.post(`/runs/${run.id}/finish`);
    const figures = async (): Promise<number> =>
      (await tester.get<LotCardPage>(`/lots/${own.lotId}`)).body.card.figures.filter(
        ({ origin }) => origin === 'measured',
      ).length;
    expect(await figures()).toBeGreaterThan(3);
    expect((await tester.post(address, { ...body, reason: 'x' })).status).toBe(422);
    expect((await (await server.as('reader')).post(address, body)).status).toBe(403);
    const opened = await tester.post<RunSheet>(address, body);
    expect(opened.status).toBe(201);
    expect(opened.body.finishedAt).toBeUndefined();
    expect(opened.body.reopened).toMatchObject([{ by: tester.me.name, reason: 'C was knocked over' }]);
    expect(await figures()).toBe(0);
    expect((await tester.get<TodayPage>('/today')).body.openRuns.map(({ id }) => id)).toContain(run.id);
    await tester.post(`/runs/${run.id}/exclusions`, { id: uuidv7(), replicate: 2, reason: 'knocked over' });
    expect((await tester.post(`/runs/${run.id}/finish`)).status).toBe(200);
    expect(await figures()).toBeGreaterThan(3);
  });
});

describe('a run', () => {
  it('is finished when its sheet is full, and then only corrected', async () => {
    const run = await startRun(tester, shelf);
    const early = await tester.post(`/runs/${run.id}/finish`);
    expect(early.body).toMatchObject({ error: { message: expect.stringContaining('A, water temperature') as string } });
    await fillSheet(server, tester, run);
    const done = await tester.post<RunSheet>(`/runs/${run.id}/finish`);
    expect(done.body.finishedAt).toBeDefined();
    expect((await tester.post(`/runs/${run.id}/readings`, reading(server, 0, 'tare', 312))).status).toBe(422);
    const tare = done.body.readings.find((one) => one.step === 'tare') as KeptReading;
    const late = reading(server, 0, 'tare', 313, { corrects: tare.id, reason: 'typed a 2 for a 3' });
    expect((await tester.post(`/runs/${run.id}/readings`, late)).status).toBe(201);
  });

  it('loses a replicate only with a reason, and never the last one', async () => {
    const run = await startRun(tester, shelf);
    const exclude = (replicate: number, reason: string) =>
      tester.post<RunSheet>(`/runs/${run.id}/exclusions`, { id: uuidv7(), replicate, reason });
    expect((await exclude(1, '')).status).toBe(422);
    expect((await exclude(1, 'knocked over')).body.exclusions).toEqual([
      { replicate: 1, reason: 'knocked over', by: expect.any(String) as string },
    ]);
    expect((await exclude(1, 'again')).status).toBe(409);
    expect((await exclude(0, 'knocked over')).status).toBe(201);
    expect((await exclude(2, 'knocked over')).status).toBe(422);
  });

  it('wants one vessel for each replicate, and at most 12 of them', async () => {
    const settings = { packingHabit: 'tapped', soak_min: 30, drain_min: 60, ovenTemp_C: 104 };
    const body = {
      id: uuidv7(),
      lotId: shelf.lotId,
      protocol: 'saturate-drain-dry',
      replicates: 13,
      vesselIds: [],
      settings,
    };
    expect((await tester.post('/runs', body)).body).toMatchObject({ error: { path: 'replicates' } });
    expect((await tester.post('/runs', { ...body, replicates: 3 })).body).toMatchObject({
      error: { path: 'vesselIds' },
    });
    const hot = { ...body, replicates: 3, vesselIds: shelf.vesselIds, settings: { ...settings, ovenTemp_C: 180 } };
    expect((await tester.post('/runs', hot)).body).toMatchObject({ error: { path: 'settings.ovenTemp_C' } });
  });
});

describe('a lot’s card', () => {
  it('is computed from the readings, and 10 g more in one of them move it', async () => {
    const own = await putOnShelf(tester, { name: 'Scoria', classId: 'scoria' });
    const run = await startRun(tester, own);
    await fillSheet(server, tester, run);
    await tester.post(`/runs/${run.id}/finish`);
    const air = async () =>
      (await tester.get<LotCardPage>(`/lots/${own.lotId}`)).body.card.figures.find(
        (figure) => figure.property === 'airSpace',
      )?.summary.mean as number;
    const before = await air();
    const sheet = (await tester.get<RunSheet>(`/runs/${run.id}`)).body;
    const old = sheet.readings.find((one) => one.step === 'saturated' && one.replicate === 0) as KeptReading;
    const correction = reading(server, 0, 'saturated', old.value + 10, {
      corrects: old.id,
      reason: 'scale read again',
    });
    await tester.post(`/runs/${run.id}/readings`, correction);
    // 10 g over three replicates of 1051.9 mL at 17.4 degC.
    expect((await air()) - before).toBeCloseTo(10 / 0.99873 / 1051.89 / 3, 5);
  });
});

describe('how a run is packed and its sample taken', () => {
  const start = (settings: object, more: object = {}) =>
    tester.post<RunSheet>('/runs', {
      id: uuidv7(),
      lotId: shelf.lotId,
      protocol: 'saturate-drain-dry',
      replicates: 3,
      vesselIds: shelf.vesselIds,
      settings: { packingHabit: 'tapped', soak_min: 30, drain_min: 60, ovenTemp_C: 104, ...settings },
      ...more,
    });

  it('is kept with the run: pressed with its load, and the plan of the sample', async () => {
    const sample = { from: 'heap', increments: 9, combined: 'quartered', finesMixedBack: true };
    const answer = await start({ packingHabit: 'pressed', press_gcm2: 20 }, { sample });
    expect(answer.status, JSON.stringify(answer.body)).toBe(201);
    expect(answer.body.settings).toMatchObject({ packingHabit: 'pressed', press_gcm2: 20 });
    expect(answer.body.sample).toEqual(sample);
  });

  it('is refused pressed without a load, and with a sample of nothing', async () => {
    expect((await start({ packingHabit: 'pressed' })).status).toBe(422);
    const nothing = { from: 'bag', increments: 0, combined: 'mixed', finesMixedBack: false };
    expect((await start({}, { sample: nothing })).status).toBe(422);
  });
});
