import type { TrialPage } from '@bent-pail/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { putOnShelf, reading, startRun, type Pumice } from '../testing/bench';
import { hears } from '../testing/hears';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';
import { planned, planOf, reading as trialReading, threeLots } from '../testing/trials';

let server: TestServer;
let tester: Client;
let shelf: Pumice;

beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
  shelf = await putOnShelf(tester);
});
afterAll(() => server.close());

describe('what another person does', () => {
  it('is told of: a reading of a trial', async () => {
    const other = await server.as('lead');
    const { id } = await planned(tester, planOf(await threeLots(tester)));
    const trial = (await tester.post<TrialPage>(`/trials/${id}/layout`, {})).body;
    const read = () =>
      tester.post(`/trials/${id}/readings`, trialReading(trial.plots[0]?.id ?? '', 'up', '2026-11-07', { value: 3 }));
    expect(await hears(other, `event: trial\ndata: ${id}`, read)).toBe(true);
  });

  it('is told of: a reading, an exclusion, another instrument', async () => {
    const other = await server.as('lead');
    const run = await startRun(tester, shelf, 'ph-1to5');
    const line = `data: ${run.id}`;
    expect(await hears(other, line, () => tester.post(`/runs/${run.id}/readings`, reading(server, 0, 'pH', 5.1)))).toBe(
      true,
    );
    expect(
      await hears(other, line, () => tester.send('PUT', `/runs/${run.id}/instruments`, { instrumentIds: [] })),
    ).toBe(true);
  });

  it('is not told of where nothing changed', async () => {
    const other = await server.as('lead');
    const run = await startRun(tester, shelf, 'ph-1to5');
    expect(await hears(other, `data: ${run.id}`, () => tester.get(`/runs/${run.id}`))).toBe(false);
  });
});
