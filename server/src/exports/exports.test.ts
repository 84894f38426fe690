import readSheets from 'read-excel-file/node';
import { METRIC, readMeasure, type UnitChoice } from '@bent-pail/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import Papa from 'papaparse';
import { v7 as uuidv7 } from 'uuid';
import { fillSheet, openSitting, putOnShelf, reading, startRun } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Client;
beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
});
afterAll(() => server.close());

type CsvRow = Record<string, string>;

async function table(address: string, by = tester): Promise<CsvRow[]> {
  const { body, status } = await by.get<string>(address);
  expect(status).toBe(200);
  return Papa.parse<CsvRow>(body, { header: true }).data;
}

describe('tables for a spreadsheet', () => {
  it('hold every reading, also the one that was corrected', async () => {
    const shelf = await putOnShelf(tester);
    const run = await startRun(tester, shelf);
    await fillSheet(server, tester, run);
    const rows = await table(`/exports/readings.csv?run=${run.id}`);
    const tare = rows.find((row) => row.step === 'Tare, vessel dry' && row.replicate === 'A');
    expect(tare).toMatchObject({ value: '312.4', unit: 'g', protocol: 'saturate-drain-dry@3', lot: 'PM-3' });
    await tester.post(`/runs/${run.id}/finish`);
    const results = await table(`/exports/results.csv?run=${run.id}`);
    const air = results.find((row) => row.property === 'Air space');
    expect(Number(air?.mean)).toBeGreaterThan(0.2);
    expect(air?.n).toBe('3');
    const cards = await table(`/exports/cards.csv?lot=${shelf.lotId}`);
    expect(Number(cards.find((row) => row.property === 'Air space')?.mean)).toBeCloseTo(Number(air?.mean), 12);
  });

  it('are in the units of who asks, equal to 1e-9 when they are read back, and metric on demand', async () => {
    const shelf = await putOnShelf(tester);
    const run = await startRun(tester, shelf);
    await fillSheet(server, tester, run);
    await tester.post(`/runs/${run.id}/finish`);
    const american = await server.as('tester');
    const units: UnitChoice = { ...METRIC, volume: 'cu ft', mass: 'oz', length: 'in', temperature: '°F' };
    expect((await american.send('PATCH', '/me', { units })).body).toMatchObject({ units, singleKeys: true });
    for (const name of ['readings', 'results']) {
      const [there, here] = await Promise.all([
        table(`/exports/${name}.csv?run=${run.id}`, american),
        table(`/exports/${name}.csv?run=${run.id}`),
      ]);
      expect(there.length).toBe(here.length);
      for (const [i, row] of here.entries()) {
        const [kept, shown] = [row.value ?? row.mean ?? '', there[i]?.value ?? there[i]?.mean ?? ''];
        const back = readMeasure(`${shown} ${there[i]?.unit ?? ''}`, row.unit ?? '').number;
        const is = back.kind === 'number' ? back.value : Number(shown);
        expect(Math.abs(is - Number(kept)), `${row.step ?? row.property ?? ''} ${shown}`).toBeLessThan(
          1e-9 * (1 + Math.abs(Number(kept))),
        );
      }
      expect(await table(`/exports/${name}.csv?run=${run.id}&units=metric`, american)).toEqual(here);
    }
    const tare = (await table(`/exports/readings.csv?run=${run.id}`, american)).find(
      ({ step, replicate }) => step === 'Tare, vessel dry' && replicate === 'A',
    );
    expect(tare?.unit).toBe('oz');
    expect(Number(tare?.value)).toBeCloseTo(312.4 / 28.349523125, 9);
    const wrong = await american.send('PATCH', '/me', { units: { ...units, mass: 'stone' } });
    expect(wrong.body).toMatchObject({ error: { message: 'A weight is shown in g, or oz.' } });
  });

  it('make text harmless that a spreadsheet would take for a formula', async () => {
    const [materialId, lotId] = [uuidv7(), uuidv7()];
    await tester.post('/materials', { id: materialId, name: '=HYPERLINK("x")', kind: 'material' });
    await tester.post('/lots', { id: lotId, materialId, code: '1', price: 9, packVolume_L: 40 });
    const { body } = await tester.get<string>(`/exports/cards.csv?lot=${lotId}`);
    expect(body).toContain(`"'=HYPERLINK(""x"")"`);
  });

  it.each(['=1+2\nsecond line', '\n=1+2', ' =1+2', '+1\r\n2', '@SUM(A1)\n', '\t=1+2'])(
    'make %j harmless, lines and spaces notwithstanding',
    async (reason) => {
      const run = await startRun(tester, await putOnShelf(tester), 'ph-1to5');
      const wrong = reading(server, 0, 'pH', 5.1) as { readonly id: string };
      await tester.post(`/runs/${run.id}/readings`, wrong);
      const more = { corrects: wrong.id, reason };
      const answer = await tester.post(`/runs/${run.id}/readings`, reading(server, 0, 'pH', 5.2, more));
      expect(answer.status).toBe(201);
      const rows = await table(`/exports/readings.csv?run=${run.id}`);
      expect(rows.find((row) => row.value === '5.2')?.reason?.startsWith("'")).toBe(true);
      expect(rows.find((row) => row.value === '5.2')?.reason?.slice(1)).toBe(reason);
    },
  );

  it('hold lots, runs, prices, recipes with what was predicted, and marks once they are open', async () => {
    const shelf = await putOnShelf(tester, { name: 'Leaf mould' });
    const run = await startRun(tester, shelf);
    await fillSheet(server, tester, run);
    await tester.post(`/runs/${run.id}/finish`);
    const other = await putOnShelf(tester, { name: 'Grit' });
    const asked = `lot=${shelf.lotId},${other.lotId}`;
    const lots = await table(`/exports/lots.csv?${asked}`);
    expect(new Set(lots.map(({ material }) => material))).toEqual(new Set(['Grit', 'Leaf mould']));
    expect(lots[0]).toMatchObject({ pack_L: '40', price: '12', put_away: '' });
    const runs = await table(`/exports/runs.csv?lot=${shelf.lotId}`);
    expect(runs).toEqual([
      expect.objectContaining({ run: String(run.number), replicates: '3', material: 'Leaf mould' }),
    ]);
    expect(Number(runs[0]?.readings)).toBeGreaterThan(15);
    const seen = {
      id: uuidv7(),
      lotId: shelf.lotId,
      kind: 'paid',
      price: 9.5,
      on: '2026-11-20',
      form: 'loose',
      pack_L: 50,
    };
    expect((await tester.post('/prices', seen)).status).toBeLessThan(300);
    const [price] = await table(`/exports/prices.csv?${asked}`);
    expect(price).toMatchObject({ price: '9.5', seen_on: '2026-11-20', pack_L: '50', money: '£' });
    const blendId = uuidv7();
    const lines = [{ lotId: shelf.lotId, parts: 3 }];
    const recipe = { lines, potName: 'Tub', pot: { height_cm: 20 }, model: 'average', lime_meqPerL: 0 };
    await tester.post('/blends', { id: uuidv7(), blendId, name: 'Plain', recipe });
    const [line] = await table(`/exports/recipes.csv?blend=${blendId}`);
    expect(line).toMatchObject({ blend: 'Plain', version: '1', line: '1', what: 'Leaf mould, PM-3', parts: '3' });
    const predicted = await table(`/exports/predictions.csv?blend=${blendId}`);
    expect(predicted.map(({ property }) => property)).toContain('Air space');
    const [lead, rater] = [await server.as('lead'), await server.as('panellist')];
    const card = await openSitting(lead, shelf.lotId, [rater.me.id]);
    await server.db.query(
      `insert into ratings (scorecard_id, user_id, criterion, value, tags, kept_at, words) values ($1, $2, 'texture', 7.5, '{}', now(), '')`,
      [card, rater.me.id],
    );
    expect(await table(`/exports/marks.csv?card=${card}`)).toEqual([]);
    await server.db.query('update scorecard_raters set handed_in_at = now() where scorecard_id = $1', [card]);
    const marks = await table(`/exports/marks.csv?card=${card}`);
    expect(marks).toEqual([expect.objectContaining({ product: 'Leaf mould', rater: rater.me.name, value: '7.5' })]);
  });

  it('are refused for what is no id, instead of being given whole', async () => {
    expect((await tester.get('/exports/readings.csv?run=all')).status).toBe(422);
    expect((await tester.get('/exports/readings.csv?units=miles')).status).toBe(422);
  });

  it('do not exist under another name', async () => {
    expect((await tester.get('/exports/people.csv')).status).toBe(404);
  });
});

describe('the bench as a calendar', () => {
  it('has every deadline that is running, at its time', async () => {
    const shelf = await putOnShelf(tester, { name: 'Coir' });
    const run = await startRun(tester, shelf);
    const began = server.clock.now();
    for (const replicate of [0, 1, 2]) {
      for (const [step, value] of [
        ['tare', 300],
        ['soak', began / 1000],
      ] as const) {
        await tester.post(`/runs/${run.id}/readings`, {
          id: uuidv7(),
          replicate,
          step,
          value,
          takenAt: new Date(began).toISOString(),
        });
      }
    }
    const { body } = await tester.get<string>('/today.ics');
    const due = new Date(Math.round(began) + 1440 * 60000).toISOString().replaceAll(/[-:]|\.\d+/g, '');
    expect(body).toContain(`DTSTART:${due}`);
    expect(body).toContain('SUMMARY:Water level with the surface');
  });
});

it('a spreadsheet takes the file for what it is: its accents stay', async () => {
  const { lotId } = await putOnShelf(tester, { name: 'Écorce de hêtre, grün' });
  const stream = await tester.stream(`/exports/cards.csv?lot=${lotId}`, AbortSignal.timeout(10000));
  const bytes = Buffer.from(await new Response(stream).arrayBuffer());
  expect([...bytes.subarray(0, 3)]).toEqual([0xef, 0xbb, 0xbf]);
  expect(bytes.toString('utf8')).toContain('Écorce de hêtre, grün');
});

describe('tables as a workbook', () => {
  async function sheets(address: string) {
    const bytes = await tester.bytes(address);
    expect(bytes.subarray(0, 2).toString()).toBe('PK');
    return readSheets(bytes);
  }

  it('have a sheet each, with numbers and times that are numbers and times', async () => {
    const shelf = await putOnShelf(tester, { name: '=1+2' });
    const run = await startRun(tester, shelf);
    await fillSheet(server, tester, run);
    const all = await sheets(`/exports/tables.xlsx?run=${run.id}`);
    expect(all.map(({ sheet }) => sheet).sort()).toEqual([
      'cards',
      'class-results',
      'diaries',
      'lots',
      'marks',
      'predictions',
      'prices',
      'readings',
      'recipes',
      'results',
      'runs',
      'trial-events',
      'trial-readings',
    ]);
    const rows = await sheets(`/exports/readings.xlsx?run=${run.id}`);
    const [head = [], first = []] = rows[0]?.data ?? [];
    const cell = (name: string) => first[head.indexOf(name)];
    expect(rows[0]?.data).toHaveLength(1 + (await table(`/exports/readings.csv?run=${run.id}`)).length);
    expect(typeof cell('value')).toBe('number');
    expect(cell('taken_at')).toBeInstanceOf(Date);
    // A text is a text and no formula.
    expect(cell('material')).toBe('=1+2');
  });

  it('are in the units of who asks, and none of another name', async () => {
    expect((await tester.get('/exports/nothing.xlsx')).status).toBe(404);
    expect((await tester.get('/exports/tables.csv')).status).toBe(404);
  });
});
