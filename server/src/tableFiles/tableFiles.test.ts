import type { FilledPotPage, LotRow, RunSheet } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import writeXlsxFile from 'write-excel-file/node';
import { putOnShelf, startRun, type Pumice } from '../testing/bench';
import { added, lookAtTable, takeTableIn, type Report } from '../testing/tableFiles';
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

const look = (kind: string, file: Buffer | string, by = tester, id = uuidv7()) => lookAtTable(by, kind, file, id);
const takeIn = (report: Report, more: object = {}) => takeTableIn(tester, report, more);
const lots = (): Promise<readonly LotRow[]> => tester.list<LotRow>('/lots');

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

  it('takes new names for a class where that is sure, asks where it is not, and takes the class that a row says', async () => {
    const table = `name,code,class
Coco peat,CP-1,
Perlite,PL-1,
Shed sweepings,SW-1,"Loam, sterilised"
Moon dust,MD-1,
`;
    const { body } = await look('lots', table);
    const said = body.named.map(({ name, classId, question }) => [name, classId, question !== undefined]);
    expect(said.slice(0, 2)).toEqual([
      ['Coco peat', 'coir-pith', false],
      ['Perlite', undefined, true],
    ]);
    expect(body.refusals.map(({ row, column }) => [row, column])).toEqual([]);
    expect((await takeIn(body)).body.isDone).toBe(true);
    const classOf = async (code: string): Promise<string | undefined> =>
      (await lots()).find((lot) => lot.code === code)?.classId;
    expect(await classOf('CP-1')).toBe('coir-pith');
    expect(await classOf('PL-1')).toBeUndefined();
    expect(await classOf('SW-1')).toMatch(/^loam/);
    expect(await classOf('MD-1')).toBeUndefined();
    // What is known already is no news.
    expect((await look('lots', table)).body.named).toEqual([]);
    const wrong = (await look('lots', 'name,code,class\nDust,D-1,stardust\n')).body;
    expect(wrong.refusals[0]).toMatchObject({ row: 2, column: 'class', read: 'stardust' });
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
