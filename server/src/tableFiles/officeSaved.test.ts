import { readFileSync } from 'node:fs';
import type { LotRow, RunSheet } from '@bent-pail/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { putOnShelf, startRun } from '../testing/bench';
import { added, lookAtTable, takeTableIn } from '../testing/tableFiles';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Client;
beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
});
afterAll(() => server.close());

/** Our own tables, which an office suite opened, sorted under a merged title, and saved: `fixtures/sortAndSave.py`. */
const saved = (name: string): Buffer => readFileSync(new URL(`fixtures/${name}`, import.meta.url));

describe('a workbook of ours that an office suite sorted and saved', () => {
  it('has its lots and products as they were', async () => {
    const { body } = await lookAtTable(tester, 'lots', saved('lotsSortedByOffice.xlsx'));
    expect(body.refusals).toEqual([]);
    expect([added(body, 'materials'), added(body, 'lots')]).toEqual([5, 5]);
    expect((await takeTableIn(tester, body)).body.isDone).toBe(true);
    const lots = await tester.list<LotRow>('/lots');
    const said = lots.map(({ name, code, kind, price, packVolume_L, boughtOn, grade }) =>
      [name, code, kind, price, packVolume_L, boughtOn, grade].join('; '),
    );
    expect(new Set(said)).toEqual(
      new Set([
        'Pumice 3–8 mm; PM-3; material; 9.6; 40; 2026-07-03; 3–8 mm, screened',
        'Bark, fine 0–10 mm; BK-7; material; 7.4; 60; 2026-08-26; 0–10 mm, aged a year',
        'Bark nuggets 9–18 mm; BN-2; material; 9.2; 50; 2026-08-26; 9–18 mm',
        'Wood fibre; WF-1; material; 13.9; 75; 2026-10-28; medium',
        'Kettlerigg Bark Blend; KB-1; product; 11.49; 50; 2026-11-11; ',
      ]),
    );
    const again = (await lookAtTable(tester, 'lots', saved('lotsSortedByOffice.xlsx'))).body;
    expect(again.kinds.map(({ kind, same, added: fresh }) => [kind, same, fresh])).toEqual([['lots', 5, 0]]);
  });

  it('has its readings as they were, to the last digit and second', async () => {
    server.clock.forward(7 * 24 * 60);
    await server.db.query(`select setval(pg_get_serial_sequence('runs', 'number'), 87)`);
    const run = await startRun(tester, await putOnShelf(tester));
    expect(run.number).toBe(88);
    const { body } = await lookAtTable(tester, 'readings', saved('readingsSortedByOffice.xlsx'));
    expect(body.refusals).toEqual([]);
    expect((await takeTableIn(tester, body)).body.isDone).toBe(true);
    const { readings } = (await tester.get<RunSheet>(`/runs/${run.id}`)).body;
    expect(readings).toHaveLength(10);
    const tares = readings.filter(({ step }) => step === 'tare');
    expect(new Set(tares.map(({ replicate, value }) => `${String(replicate)} ${String(value)}`))).toEqual(
      new Set(['0 312.6', '1 309.7', '2 317.7']),
    );
    const soaked = readings.find(({ step, replicate }) => step === 'soak' && replicate === 2);
    expect(soaked).toMatchObject({ value: 1795970180.433, takenAt: '2026-11-29T16:36:20.000Z' });
  });
});
