import type { LotCardPage, RunSheet } from '@bent-pail/contract';
import { inPot, PROTOCOLS } from '@bent-pail/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { reading } from '../testing/bench';
import { sheetOf, SHEETS, type SheetFixture } from '../testing/sheets';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Client;
beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
});
afterAll(() => server.close());

async function newLot(classId = 'peat-light-fine'): Promise<string> {
  const [materialId, lotId] = [uuidv7(), uuidv7()];
  await tester.post('/materials', { id: materialId, name: `Medium ${lotId.slice(-6)}`, kind: 'material', classId });
  await tester.post('/lots', { id: lotId, materialId, code: '1' });
  return lotId;
}

/** A whole run from the empty sheet to the finished one, timers left to the clock. */
async function makeRun(lotId: string, key: string, { vessels, readings }: SheetFixture): Promise<RunSheet> {
  const protocol = PROTOCOLS.find((one) => one.key === key);
  if (protocol === undefined) throw new Error(`no protocol ${key}`);
  const replicates = Math.max(...Object.values(readings).map((row) => row.length));
  const vesselOf = (i: number) => vessels?.[i] ?? vessels?.at(-1);
  const vesselIds = protocol.usesVessel ? Array.from({ length: replicates }, () => uuidv7()) : [];
  for (const [i, id] of vesselIds.entries()) {
    await tester.post('/vessels', {
      id,
      name: `V${String(i)}`,
      kind: 'vessel',
      shape: { height_cm: vesselOf(i)?.height_cm ?? 12 },
    });
    await tester.post(`/vessels/${id}/fillings`, {
      id: uuidv7(),
      empty_g: 300,
      full_g: vesselOf(i)?.full_g ?? 1350,
      waterTemp_C: 20,
    });
  }
  const id = uuidv7();
  const settings = { packingHabit: 'tapped', soak_min: 30, drain_min: 60, ovenTemp_C: 104 };
  expect((await tester.post('/runs', { id, lotId, protocol: key, replicates, vesselIds, settings })).status).toBe(201);
  for (const step of protocol.steps) {
    for (let replicate = 0; replicate < (step.once === true ? 1 : replicates); replicate += 1) {
      const value = step.hold === undefined ? readings[step.key]?.[replicate] : server.clock.now() / 1000;
      if (value === undefined) continue;
      const answer = await tester.post(`/runs/${id}/readings`, reading(server, replicate, step.key, value));
      expect(answer.status, `${step.key}: ${JSON.stringify(answer.body)}`).toBe(201);
    }
    if (step.hold !== undefined) server.clock.forward('minutes' in step.hold ? step.hold.minutes + 1 : 61);
  }
  const finished = await tester.post<RunSheet>(`/runs/${id}/finish`);
  expect(finished.status, JSON.stringify(finished.body)).toBe(200);
  return finished.body;
}

const cardOf = async (lotId: string): Promise<LotCardPage['card']> =>
  (await tester.get<LotCardPage>(`/lots/${lotId}`)).body.card;

describe.each(PROTOCOLS.map((protocol) => [protocol.key, protocol] as const))('protocol %s', (key, protocol) => {
  it('goes from the empty sheet to the lot’s card', async () => {
    const sheet = sheetOf(protocol);
    const lotId = await newLot();
    const run = await makeRun(lotId, key, sheet);
    const { figures } = await cardOf(lotId);
    const measured = figures.filter(({ origin }) => origin === 'measured').map((figure) => figure.property);
    expect(measured.length).toBeGreaterThan(0);
    for (const property of sheet.shows.length === 0 ? measured : sheet.shows) {
      const figure = figures.find((one) => one.property === property && one.origin === 'measured');
      expect(
        figure?.runs.map((one) => one.id),
        property,
      ).toEqual([run.id]);
      expect(Number.isFinite(figure?.summary.mean)).toBe(true);
    }
  });
});

describe('a lot with a suction table', () => {
  it('has a fitted curve that takes the drained vessel in, and converts to any pot by it', async () => {
    const lotId = await newLot();
    await makeRun(lotId, 'suction-table', SHEETS['suction-table'] as SheetFixture);
    const { curve } = await cardOf(lotId);
    if (curve?.kind !== 'fitted') throw new Error('not fitted');
    // The sheet was made from this curve.
    expect(curve.retention.thetaS).toBeCloseTo(0.93, 1);
    expect(curve.retention.n).toBeGreaterThan(1.5);
    expect(curve.readings.seen.some(({ kind }) => kind === 'point')).toBe(true);
    expect(inPot(curve, { height_cm: 10 }).water).toBeCloseTo(0.848, 1);
  });
});

describe('a lot that was sieved', () => {
  it('goes to the blend desk with its own grains instead of its class’s', async () => {
    const lotId = await newLot('pumice-coarse');
    const before = (await cardOf(lotId)).component;
    await makeRun(lotId, 'sieve', SHEETS.sieve as SheetFixture);
    const after = (await cardOf(lotId)).component;
    expect(before?.origins.find((one) => one.field === 'd50_mm')?.origin).toBe('class');
    expect(after?.origins.find((one) => one.field === 'd50_mm')?.origin).toBe('measured');
    expect(Math.abs((after?.component.d50_mm ?? 0) - 3.95)).toBeLessThan(0.1);
    expect(after?.component.d50_mm).not.toBe(before?.component.d50_mm);
  });
});
