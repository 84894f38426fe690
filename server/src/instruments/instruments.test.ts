import type { InstrumentRow, LotCardPage, Page, RunSheet, ScorecardPage } from '@bent-pail/contract';
import { predictDesk, reduceRun, type CalibrationRecord } from '@bent-pail/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { toRunRecord } from '../bench/records';
import { openSitting, putOnShelf, reading, startRun, type Pumice } from '../testing/bench';
import { startTestServer, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Awaited<ReturnType<TestServer['as']>>;
let shelf: Pumice;
let penId: string;

const points = (low: number, mid: number) => [
  { nominal: 4.01, shown: low },
  { nominal: 7, shown: mid },
];
const GOOD = points(171, 0);
const FAILED = points(140, 0);

const calibrate = (made: readonly { nominal: number; shown: number }[], id = uuidv7()) =>
  tester.post<InstrumentRow[]>(`/instruments/${penId}/calibrations`, {
    id,
    at: new Date(server.clock.now()).toISOString(),
    temp_C: 20,
    points: made,
  });

const sheetOf = async (id: string): Promise<RunSheet> => (await tester.get<RunSheet>(`/runs/${id}`)).body;
const stateOf = async (id: string): Promise<string | undefined> =>
  reduceRun(toRunRecord(await sheetOf(id))).properties[0]?.trouble?.state;

async function phRun(values: readonly number[] = [5.1, 5.2, 5.3]): Promise<string> {
  const run = await startRun(tester, shelf, 'ph-1to5');
  for (const [i, value] of values.entries())
    expect((await tester.post(`/runs/${run.id}/readings`, reading(server, i, 'pH', value))).status).toBe(201);
  return run.id;
}

beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
  shelf = await putOnShelf(tester);
  penId = uuidv7();
  const body = { id: penId, name: 'Red pen', kind: 'pH', showsMv: true };
  expect((await tester.post('/instruments', body)).status).toBe(201);
});
afterAll(() => server.close());

describe('a calibration', () => {
  it('is kept once, with what it came to, and refused in a sentence where it cannot be', async () => {
    const id = uuidv7();
    expect((await calibrate(GOOD, id)).status).toBe(201);
    const again = await calibrate(GOOD, id);
    expect(again.body[0]?.calibrations).toHaveLength(1);
    const alike = await calibrate([
      { nominal: 7, shown: 1 },
      { nominal: 7, shown: 2 },
    ]);
    expect(alike.status).toBe(422);
    expect(JSON.stringify(alike.body)).toContain('same pH');
  });

  it('is not made in the future, nor for two pens of one name', async () => {
    const at = new Date(server.clock.now() + 3 * 86400000).toISOString();
    const ahead = await tester.post(`/instruments/${penId}/calibrations`, {
      id: uuidv7(),
      at,
      temp_C: 20,
      points: GOOD,
    });
    expect(ahead.status).toBe(422);
    const twin = await tester.post('/instruments', { id: uuidv7(), name: 'red PEN', kind: 'pH', showsMv: true });
    expect(twin.status).toBe(422);
  });
});

describe('a pen that is calibrated every day', () => {
  it('shows its newest three, how many it has had, and all of them page by page', async () => {
    const id = uuidv7();
    await tester.post('/instruments', { id, name: 'Daily pen', kind: 'pH', showsMv: true });
    const made: string[] = [];
    for (let i = 0; i < 8; i += 1) {
      const one = uuidv7();
      await tester.post(`/instruments/${id}/calibrations`, {
        id: one,
        at: new Date(server.clock.now()).toISOString(),
        temp_C: 20,
        points: GOOD,
      });
      made.unshift(one);
      server.clock.forward(24 * 60);
    }
    const { body: rows } = await tester.get<InstrumentRow[]>('/instruments');
    const row = rows.find((each) => each.id === id);
    expect(row?.calibrated).toBe(8);
    expect(row?.calibrations.map((each) => each.id)).toEqual(made.slice(0, 3));
    const page = async (asked: string) =>
      (await tester.get<Page<CalibrationRecord>>(`/instruments/${id}/calibrations?limit=5${asked}`)).body;
    const first = await page('');
    const second = await page(`&after=${String(first.next)}`);
    expect([...first.rows, ...second.rows].map((each) => each.id)).toEqual(made);
    expect(first.total).toBe(8);
    expect(first.rows[0]).toMatchObject({ points: GOOD, by: tester.me.name });
    expect(second.next).toBeUndefined();
    expect((await tester.get(`/instruments/${uuidv7()}/calibrations`)).status).toBe(404);
  });
});

describe('a reading', () => {
  it('is stamped with the calibration in force, and keeps it when another is made', async () => {
    await calibrate(GOOD);
    const run = await phRun();
    expect(await stateOf(run)).toBeUndefined();
    server.clock.forward(30);
    await calibrate(FAILED);
    expect(await stateOf(run)).toBeUndefined();
    const later = await phRun();
    expect(await stateOf(later)).toBe('failed');
  });

  it('is stale after a day, and after forty readings', async () => {
    await calibrate(GOOD);
    server.clock.forward(25 * 60);
    expect(await stateOf(await phRun())).toBe('stale');
    await calibrate(GOOD);
    for (let i = 0; i < 13; i += 1) await phRun();
    expect(await stateOf(await phRun([5, 5]))).toBe('stale');
  });

  it('taken without an instrument says that none is on record; choosing one helps the next reading only', async () => {
    await calibrate(GOOD);
    const run = await startRun(tester, shelf, 'ph-1to5');
    await tester.send('PUT', `/runs/${run.id}/instruments`, { instrumentIds: [] });
    await tester.post(`/runs/${run.id}/readings`, reading(server, 0, 'pH', 5));
    expect(await stateOf(run.id)).toBe('missing');
    await tester.send('PUT', `/runs/${run.id}/instruments`, { instrumentIds: [penId] });
    await tester.post(`/runs/${run.id}/readings`, reading(server, 1, 'pH', 5));
    const { readings } = await sheetOf(run.id);
    expect(readings.map((one) => one.stamp?.state)).toEqual([undefined, 'good']);
  });

  it('cannot be taken with two pens at once', async () => {
    const other = uuidv7();
    await tester.post('/instruments', { id: other, name: 'Blue pen', kind: 'pH', showsMv: false });
    const run = await startRun(tester, shelf, 'ph-1to5');
    const both = await tester.send('PUT', `/runs/${run.id}/instruments`, { instrumentIds: [penId, other] });
    expect(both.status).toBe(422);
  });
});

describe('a result made on a failed calibration', () => {
  it('says so on run, card, blend, score and in the tables', async () => {
    const product = await putOnShelf(tester, { name: 'A bag', classId: 'bark-fine' });
    await calibrate(FAILED);
    const run = await startRun(tester, product, 'ph-1to5');
    for (const i of [0, 1, 2]) await tester.post(`/runs/${run.id}/readings`, reading(server, i, 'pH', 5.1));
    await tester.post(`/runs/${run.id}/finish`);

    const onRun = reduceRun(toRunRecord(await sheetOf(run.id)));
    expect(onRun.checks.map((check) => check.code)).toContain('calibration-failed');

    const { card } = (await tester.get<LotCardPage>(`/lots/${product.lotId}`)).body;
    expect(card.figures.find((one) => one.property === 'pH')?.trouble?.sentence).toMatch(/Red pen had failed/);

    const component = card.component as NonNullable<typeof card.component>;
    const desk = predictDesk({ lines: [{ parts: 1, lot: component }], container: { height_cm: 10 }, model: 'packing' });
    expect(desk.figures.find((one) => one.property === 'pH')?.trouble?.sentence).toMatch(/^A bag: .*had failed/);
    expect(desk.figures.find((one) => one.property === 'air')?.trouble).toBeUndefined();

    const cardId = await openSitting(tester, product.lotId, [(await server.as('panellist')).me.id]);
    const scored = (await tester.get<ScorecardPage>(`/scorecards/${cardId}`)).body.card;
    expect(scored.criteria.find((one) => one.criterion.name === 'pH')?.trouble?.state).toBe('failed');

    for (const table of ['readings', 'results', 'cards']) {
      const { body } = await tester.get<string>(`/exports/${table}.csv?lot=${product.lotId}`);
      expect(body, table).toMatch(/failed,.*Red pen had failed/);
    }
  });
});

describe('a reading in mV', () => {
  it('becomes a pH by the calibration in force, and stays the mV that it was', async () => {
    await calibrate(GOOD);
    const run = await startRun(tester, shelf, 'ph-1to5');
    const answer = await tester.post(`/runs/${run.id}/readings`, reading(server, 0, 'pH', 114, { mVTemp_C: 20 }));
    expect(answer.status).toBe(201);
    const sheet = await sheetOf(run.id);
    expect(sheet.readings[0]).toMatchObject({ value: 114, mVTemp_C: 20 });
    // 171 mV at pH 4.01 and 0 at 7: 57.19 mV per pH.
    const pH = reduceRun(toRunRecord(sheet)).properties[0]?.values[0]?.value;
    expect(pH).toBeCloseTo(7 - 114 / (171 / 2.99), 9);
  });

  it('is refused outside what a pen can show, and kept once by its id', async () => {
    const run = await startRun(tester, shelf, 'ph-1to5');
    const wild = await tester.post(`/runs/${run.id}/readings`, reading(server, 0, 'pH', 900, { mVTemp_C: 20 }));
    expect(wild.status).toBe(422);
    const body = reading(server, 0, 'pH', 90, { mVTemp_C: 20 });
    expect((await tester.post(`/runs/${run.id}/readings`, body)).status).toBe(201);
    expect((await tester.post(`/runs/${run.id}/readings`, body)).status).toBeLessThan(300);
    expect((await tester.post(`/runs/${run.id}/readings`, { ...body, mVTemp_C: 21 })).status).toBe(409);
  });
});
