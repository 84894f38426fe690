import type { LotRow, RunSheet } from '@bent-pail/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { putOnShelf, startRun, type Pumice } from '../testing/bench';
import { added, lookAtTable, takeTableIn, type Report } from '../testing/tableFiles';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Client;
let shelf: Pumice;

beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
  shelf = await putOnShelf(tester, { name: 'Rice hulls' });
});
afterAll(() => server.close());

const look = (kind: string, file: string) => lookAtTable(tester, kind, file);
const takeIn = (report: Report) => takeTableIn(tester, report);
const lots = (): Promise<readonly LotRow[]> => tester.list<LotRow>('/lots');

describe('a table of laboratory reports', () => {
  const TABLE = `Northfield Laboratories;;;;;;;
Your reference;Reported;Extract;Nitrate-N (mg/L);Ammonium-N (mg/L);K2O (mg/L);Zn (mg/L);pH
Rice hulls, PM-3;20.11.2026;water;62;6,5;217;<0,05;5,8
LM-9;21.11.2026;water;40;;88;0,2;6,1
`;
  let leafId: string;
  beforeAll(async () => {
    leafId = (await putOnShelf(tester, { name: 'Leaf mould' })).lotId;
    const { version } = (await tester.get<{ lot: LotRow }>(`/lots/${leafId}`)).body.lot;
    await tester.send('PATCH', `/lots/${leafId}`, { version, code: 'LM-9' });
  });
  const runsOf = (lotId: string) =>
    tester.list<{ id: string; finishedAt?: string; number: number }>('/runs').then(async (runs) => {
      const sheets = await Promise.all(runs.map(({ id }) => tester.get<RunSheet>(`/runs/${id}`)));
      return sheets
        .map(({ body }) => body)
        .filter((sheet) => sheet.lot.id === lotId && sheet.protocol.key === 'lab-report');
    });

  it('becomes a run a sample: finished where the sheet is full, with what else was reported in a note', async () => {
    const { status, body } = await look('reports', TABLE);
    expect(status, JSON.stringify(body)).toBe(200);
    expect(body.refusals).toEqual([]);
    expect([added(body, 'runs'), added(body, 'readings'), added(body, 'run_notes')]).toEqual([2, 6, 2]);
    expect((await takeIn(body)).body.isDone).toBe(true);
    const [full] = await runsOf(shelf.lotId);
    expect(full?.finishedAt?.slice(0, 10)).toBe('2026-11-20');
    const value = (step: string) => full?.readings.find((one) => one.step === step)?.value;
    expect([value('nitrate'), value('ammonium'), value('potassium'), value('zinc')]).toEqual([
      62,
      6.5,
      180.14,
      undefined,
    ]);
    expect(full?.notes.map(({ text }) => text)[0]).toMatch(
      /^Extract: water\. Zinc is below 0\.05 mg\/L\. .*K2O.* Also reported: pH 5,8\.$/,
    );
    const [half] = await runsOf(leafId);
    expect(half?.finishedAt).toBeUndefined();
    const card = (
      await tester.get<{ card: { figures: { property: string; summary: { mean: number } }[] } }>(`/lots/${shelf.lotId}`)
    ).body.card;
    expect(card.figures.find(({ property }) => property === 'labPotassium')?.summary.mean).toBeCloseTo(180.14, 2);
  });

  it('changes nothing the second time, and numbers what comes after it on', async () => {
    const again = (await look('reports', TABLE)).body;
    expect(again.kinds.map(({ kind, same, added: fresh, different }) => [kind, same, fresh, different])).toEqual([
      ['runs', 2, 0, 0],
    ]);
    const numbers = (await tester.list<{ number: number }>('/runs')).map(({ number }) => number);
    const next = await startRun(tester, shelf, 'ph-1to5');
    expect(next.number).toBe(Math.max(...numbers) + 1);
  });

  it('names each column that cannot be taken, and each sample that is no lot', async () => {
    const wrong = `Sample;Reported;K;Nitrate (mg/L)
LM-9;2026-11-21;180;60
XX-1;2026-11-21;180;60
PM-3;2026-12-21;180;60
`;
    await putOnShelf(tester, { name: 'Scoria' });
    const { body } = await look('reports', wrong);
    const told = body.refusals.map(({ row, column, why }) => `${String(row)} ${column ?? ''}: ${why}`);
    expect(told).toContain('2 K: No unit is given; the sheet takes mg/L.');
    expect(told.some((one) => /^2 Nitrate \(mg\/L\): .*N or NO3/.test(one))).toBe(true);
    expect(told.some((one) => one.startsWith('3 sample: the lot: There is no lot'))).toBe(true);
    expect(told.some((one) => /^4 sample: the lot: It could be .* or /.test(one))).toBe(true);
    expect((await takeIn(body)).body.isDone).toBe(false);
  });
});

describe('a lot out of a table', () => {
  it('is held to the rules of its form', async () => {
    const { body } = await look('lots', 'name;code;price;pack volume\nBark;B-1;-4;50\nGrit;G-1;4;-50\nSand;S-1;4;50\n');
    expect(body.refusals.map(({ row, column, why }) => [row, column, why])).toEqual([
      [2, 'price of the pack', 'The price cannot be negative.'],
      [3, 'pack, L', expect.stringMatching(/volume/i) as string],
    ]);
    expect(added(body, 'lots')).toBe(1);
  });

  it('has its pack in litres, whatever unit its heading names', async () => {
    const { body } = await look('lots', 'name;code;pack (gal)\nLoam;L-1;10\n');
    await takeIn(body);
    expect((await lots()).find(({ code }) => code === 'L-1')?.packVolume_L).toBeCloseTo(37.854, 2);
  });
});
