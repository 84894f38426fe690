import type { FilledPotPage, LotRow, RunSheet, TableReport } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import writeXlsxFile from 'write-excel-file/node';
import { putOnShelf, startRun, type Pumice } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';
import { offsetIn } from './offsetIn';

let server: TestServer;
let tester: Client;
let shelf: Pumice;

beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
  shelf = await putOnShelf(tester, { name: 'Rice hulls' });
});
afterAll(() => server.close());

type Report = TableReport & { readonly error?: { readonly message: string } };
const look = async (kind: string, file: Buffer | string, by = tester, id = uuidv7()) =>
  (await by.sendBytes(`/table-files/incoming/${id}?kind=${kind}`, file, 'application/octet-stream')) as {
    status: number;
    body: Report;
  };
const takeIn = (report: Report, more: object = {}) =>
  tester.post<Report>(`/table-files/incoming/${report.id}`, {
    kind: report.table,
    mapping: report.mapping,
    others: 'theirs',
    chosen: [],
    ...more,
  });
const lots = (): Promise<readonly LotRow[]> => tester.list<LotRow>('/lots');
const added = (report: Report, kind: string): number => report.kinds.find((one) => one.kind === kind)?.added ?? 0;

const CSV = `Einkauf 2026;;;;\r
;;;;\r
Produkt;Code;Price;Pack (L);Bought\r
Rindenmulch grün;RM-1;9,50;60;24.11.2026\r
;;;;\r
Rindenmulch grün;RM-2;8,90;60;3.12.2025\r
Kokos;K-1;12;50;\r
`;

describe('a table of lots', () => {
  it('comes in from CSV with decimal commas, national days, a title and blank lines; and again changes nothing', async () => {
    const { status, body } = await look('lots', Buffer.from(CSV.replace('Produkt', 'Product'), 'latin1'));
    expect(status, JSON.stringify(body)).toBe(200);
    expect(body).toMatchObject({
      isDone: false,
      refusals: [],
      headings: ['Product', 'Code', 'Price', 'Pack (L)', 'Bought'],
    });
    expect([added(body, 'materials'), added(body, 'lots')]).toEqual([2, 3]);
    expect((await lots()).filter(({ code }) => code === 'RM-1')).toEqual([]);
    expect((await takeIn(body)).body).toMatchObject({ isDone: true });
    expect((await lots()).find(({ code }) => code === 'RM-1')).toMatchObject({
      name: 'Rindenmulch grün',
      price: 9.5,
      packVolume_L: 60,
      boughtOn: '2026-11-24',
    });
    const again = (await look('lots', Buffer.from(CSV.replace('Produkt', 'Product'), 'latin1'))).body;
    expect(again.kinds.map(({ kind, same, added: fresh, different }) => [kind, same, fresh, different])).toEqual([
      ['lots', 3, 0, 0],
    ]);
  });

  it('comes in from a workbook with merged headings, numbers and days as they are there', async () => {
    const file = await writeXlsxFile([
      {
        sheet: 'Shelf',
        data: [
          [{ value: 'What we have', columnSpan: 3 }, null, null, { value: 'Pack', columnSpan: 2 }, null],
          ['name', 'code', 'bought on', 'price', 'pack, L'].map((value) => ({ value })),
          [
            { value: 'Grit' },
            { value: 'GR-1' },
            { value: new Date('2026-10-05T00:00:00Z'), type: Date, format: 'dd.mm.yyyy' },
            { value: 4.25, type: Number },
            { value: 25, type: Number },
          ],
          [null, null, null, null, null],
          [{ value: 'Grit' }, { value: 'GR-2' }, null, { value: 4, type: Number }, null],
        ],
      },
    ]).toBuffer();
    const { body } = await look('lots', file);
    expect(body.refusals).toEqual([]);
    await takeIn(body);
    expect((await lots()).find(({ code }) => code === 'GR-1')).toMatchObject({
      boughtOn: '2026-10-05',
      price: 4.25,
      packVolume_L: 25,
    });
  });

  it('changes a lot that is known only where that is chosen, and leaves what it does not say', async () => {
    const changed = 'name,code,price,source\nRice hulls,PM-3,15,the mill\n';
    const { body } = await look('lots', changed);
    expect(body.conflicts).toMatchObject([{ kind: 'lots', row: 2, stands: false }]);
    expect(body.conflicts[0]?.columns).toEqual(['price', 'source', 'version']);
    await takeIn(body, { others: 'ours' });
    expect((await lots()).find(({ id }) => id === shelf.lotId)?.price).toBe(12);
    await takeIn((await look('lots', changed)).body);
    expect((await lots()).find(({ id }) => id === shelf.lotId)).toMatchObject({
      price: 15,
      source: 'the mill',
      packVolume_L: 40,
    });
  });

  it('is mapped by hand where its headings say nothing, and known by them the next time', async () => {
    const odd = 'x1,x2,x3\nSharp sand,SS-1,3.5\n';
    const first = (await look('lots', odd)).body;
    expect(first.refusals[0]).toMatchObject({ row: 2, column: 'material or product', why: 'This must be said.' });
    const mapping = { name: 0, code: 1, price: 2 };
    const seen = (await tester.post<Report>(`/table-files/incoming/${first.id}/mapping`, { kind: 'lots', mapping }))
      .body;
    expect(seen.refusals).toEqual([]);
    await takeIn(seen);
    expect((await look('lots', odd)).body.mapping).toEqual(mapping);
    const wrong = await tester.post(`/table-files/incoming/${first.id}/mapping`, {
      kind: 'lots',
      mapping: { name: -1 },
    });
    expect(wrong.status).toBe(422);
  });

  it('names every cell that it cannot read, and keeps nothing of it', async () => {
    const before = (await lots()).length;
    const { body } = await look('lots', 'name,code,price,bought\nLoam,L-1,dear,soon\nClay,C-1,3,\n');
    expect(body.refusals.map(({ row, column, read }) => [row, column, read])).toEqual([
      [2, 'bought on', 'soon'],
      [2, 'price of the pack', 'dear'],
    ]);
    expect((await takeIn(body)).body.isDone).toBe(false);
    expect(await lots()).toHaveLength(before);
  });
});

describe('a table of readings', () => {
  it('fills open runs in their order, and the figures follow; again it changes nothing', async () => {
    const run = await startRun(tester, shelf, 'ph-1to5');
    const rows = ['A,pH,5.1', 'b,pH,"5,2"', '3,pH,5.3'].map((row) => `${String(run.number)},${row},24/11/2026 07:00`);
    const table = `run,replicate,step,value,taken at\n${rows.join('\n')}\n`;
    const { body } = await look('readings', table);
    expect(body.refusals).toEqual([]);
    expect((await takeIn(body)).body.isDone).toBe(true);
    const sheet = (await tester.get<RunSheet>(`/runs/${run.id}`)).body;
    expect(sheet.readings.map(({ replicate, value, takenAt }) => [replicate, value, takenAt])).toEqual(
      [5.1, 5.2, 5.3].map((value, i) => [i, value, '2026-11-24T07:00:00.000Z']),
    );
    const again = (await look('readings', table)).body;
    expect([added(again, 'readings'), again.conflicts.length]).toEqual([0, 0]);
    expect((await tester.post(`/runs/${run.id}/finish`)).status).toBe(200);
    const finished = (await look('readings', table.replace('5.1', '6.1'))).body;
    expect(finished.refusals[0]).toMatchObject({
      row: 2,
      column: 'run',
      why: expect.stringMatching(/finished/) as string,
    });
  });

  it.each([
    ['99999,A,pH,5.1,24/11/2026', 'run', /no run/],
    ['RUN,Z,pH,5.1,24/11/2026', 'replicate', /A to C/],
    ['RUN,A,smell,5.1,24/11/2026', 'step', /no such step/],
    ['RUN,A,pH,55,24/11/2026', 'value', /./],
    ['RUN,A,pH,5.1,24/11/2999', 'taken at', /./],
    ['RUN,A,pH,5.1,', 'taken at', /must be said/],
  ])('refuses %s', async (row, column, why) => {
    const { number } = await startRun(tester, shelf, 'ph-1to5');
    const { body } = await look(
      'readings',
      `run,replicate,step,value,taken at\n${row.replace('RUN', String(number))}\n`,
    );
    expect(body.refusals[0]).toMatchObject({ row: 2, column, why: expect.stringMatching(why) as string });
  });
});

describe('a table of weights', () => {
  it('goes into the diaries of the pots that it names', async () => {
    const id = uuidv7();
    const pot = {
      id,
      name: 'By the gate',
      count: 1,
      mediumKind: 'lot',
      mediumId: shelf.lotId,
      shape: { height_cm: 25 },
      filledOn: '2026-10-01',
      stand: 'mild',
    };
    await tester.post('/pots', pot);
    const { body } = await look(
      'weights',
      'pot\tdate\tweight\nby the gate\t20.11.2026 08:00\t8790\nnobody\t20.11.2026\t1\n',
    );
    expect(body.refusals).toMatchObject([{ row: 3, column: 'pot', read: 'nobody' }]);
    const right = (await look('weights', 'pot\tdate\tweight\nby the gate\t20.11.2026 08:00\t8790\n')).body;
    await takeIn(right);
    const { diary } = (await tester.get<FilledPotPage>(`/pots/${id}`)).body;
    expect(diary).toMatchObject([{ kind: 'weighed', mass_g: 8790, at: '2026-11-20T08:00:00.000Z' }]);
  });
});

describe('a file that is no table', () => {
  it('is refused in a sentence, and by whom it is sent', async () => {
    const broken = await look('lots', Buffer.from('PK\u0003\u0004 and no more'));
    expect(broken.body.error?.message).toMatch(/no table/);
    expect((await look('weather', 'a,b\n')).status).toBe(422);
    expect((await look('lots', 'name\n', await server.as('reader'))).status).toBe(403);
    expect((await look('lots', '')).status).toBe(200);
  });
});

it('knows how far a zone is ahead, in summer and at the turn', () => {
  const london = offsetIn('Europe/London');
  expect([london('2026-07-01T12:00:00'), london('2026-12-01T12:00:00')]).toEqual([60, 0]);
  expect(offsetIn('Asia/Kolkata')('2026-07-01T12:00:00')).toBe(330);
  expect(london('2026-10-25T03:30:00')).toBe(0);
  expect(london('2026-03-29T03:30:00')).toBe(60);
});

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
    const told = body.refusals.map(({ row, column, why }) => `${String(row)} ${column}: ${why}`);
    expect(told).toContain('2 K: No unit is given; the sheet takes mg/L.');
    expect(told.some((one) => /^2 Nitrate \(mg\/L\): .*N or NO3/.test(one))).toBe(true);
    expect(told.some((one) => /^3 sample: the lot: There is no lot/.test(one))).toBe(true);
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
