import type { BackupRow, FilledPotRow, HistoryPage, Page, YearsPage } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { fillSheet, openSitting, putOnShelf, startRun, type Pumice } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

interface Refusal {
  readonly error: { readonly message: string; readonly path?: string };
}

let server: TestServer;
let lead: Client;
let tester: Client;
let shelf: Pumice;
let finished: string;
let open: string;
let card: string;
beforeAll(async () => {
  server = await startTestServer();
  [lead, tester] = [await server.as('lead'), await server.as('tester')];
  shelf = await putOnShelf(tester);
  const run = await startRun(tester, shelf);
  finished = run.id;
  await fillSheet(server, tester, run);
  await tester.post(`/runs/${finished}/finish`);
  open = (await startRun(tester, shelf, 'ph-1to5')).id;
  card = await openSitting(lead, shelf.lotId, [
    ((await server.as('panellist')) as Client & { me: { id: string } }).me.id,
  ]);
  const pot = { id: uuidv7(), name: 'Bay', mediumKind: 'lot', mediumId: shelf.lotId, shape: { height_cm: 20 } };
  await tester.post('/pots', { ...pot, count: 1, filledOn: '2026-10-20', stand: 'mild' });
  await tester.post(`/pots/${pot.id}/diary`, { id: uuidv7(), kind: 'emptied', at: '2026-11-01T08:00:00Z' });
});
afterAll(() => server.close());

const years = async (): Promise<YearsPage> => (await tester.get<YearsPage>('/years')).body;
const reopen = () => tester.post<Refusal>(`/runs/${finished}/reopen`, { id: uuidv7(), reason: 'the oven was cold' });

describe('a year', () => {
  const said = { id: uuidv7(), label: '2026' };

  it('tells before what closing it would do', async () => {
    expect(await years()).toEqual({ years: [], now: { runs: 1, openRuns: 1, emptiedPots: 1 } });
  });

  it('is closed by a lead, with a backup that stays, and its emptied pots put away', async () => {
    expect((await tester.post('/years', said)).status).toBe(403);
    server.clock.forward(1);
    const { status, body } = await lead.post<YearsPage>('/years', said);
    expect(status).toBe(201);
    expect(body.years).toMatchObject([{ label: '2026', runs: 1 }]);
    expect(body.years[0]?.from).toBeUndefined();
    expect(body.now).toMatchObject({ from: body.years[0]?.closedAt, runs: 0, openRuns: 1, emptiedPots: 0 });
    const backups = (await lead.get<BackupRow[]>('/backups')).body;
    expect(backups).toMatchObject([{ kind: 'year', name: body.years[0]?.backup }]);
    expect((await tester.get<Page<FilledPotRow>>('/pots')).body.rows).toEqual([]);
    expect((await tester.get<Page<FilledPotRow>>('/pots?away=yes')).body.rows).toHaveLength(1);
    // Sent twice it is closed once.
    expect((await lead.post<YearsPage>('/years', said)).body.years).toHaveLength(1);
    const again = await lead.post<Refusal>('/years', { id: uuidv7(), label: '2026' });
    expect([again.status, again.body.error.path]).toEqual([422, 'label']);
  });

  it('lets what was finished in it stand, in a sentence that names it', async () => {
    const refused = await reopen();
    expect(refused.status).toBe(409);
    expect(refused.body.error.message).toMatch(/^The year 2026 is closed/);
    const reason = 'spilt';
    for (const [address, body] of [
      ['exclusions', { id: uuidv7(), replicate: 0, reason }],
      ['archive', { id: uuidv7(), reason }],
      ['fillings', { id: uuidv7(), reason }],
    ] as const)
      expect((await tester.post(`/runs/${finished}/${address}`, body)).status, address).toBe(409);
    const override = { id: uuidv7(), criterion: 'price', value: 7, reason: 'on offer' };
    expect((await lead.post(`/scorecards/${card}/overrides`, override)).status).toBe(409);
  });

  it('goes on with what was open, and with the same shelf', async () => {
    server.clock.forward(60);
    const next = await startRun(tester, shelf);
    await fillSheet(server, tester, next);
    expect((await tester.post(`/runs/${next.id}/finish`)).status).toBe(200);
    const shut = await tester.post(`/runs/${next.id}/reopen`, { id: uuidv7(), reason: 'a drip was missed' });
    expect(shut.status).toBe(201);
    expect((await tester.post(`/runs/${next.id}/finish`)).status).toBe(200);
    expect((await tester.get(`/runs/${open}`)).status).toBe(200);
    expect((await years()).now.runs).toBe(1);
    expect((await tester.get<{ card: { missing: unknown } }>(`/lots/${shelf.lotId}`)).status).toBe(200);
  });

  it('is opened again with a reason that stays, and told of in the history', async () => {
    expect((await tester.post(`/years/${said.id}/opening`, { reason: 'a wrong tare' })).status).toBe(403);
    expect((await lead.post(`/years/${said.id}/opening`, { reason: '' })).status).toBe(422);
    expect((await lead.post(`/years/${uuidv7()}/opening`, { reason: 'a wrong tare' })).status).toBe(404);
    const { body } = await lead.post<YearsPage>(`/years/${said.id}/opening`, { reason: 'a wrong tare' });
    expect(body.years[0]?.opened).toMatchObject({ because: 'a wrong tare' });
    expect((await lead.post(`/years/${said.id}/opening`, { reason: 'another' })).status).toBe(409);
    expect((await reopen()).status).toBe(201);
    const kinds = (await tester.get<HistoryPage>('/history')).body.rows.map(({ kind }) => kind);
    expect(kinds).toContain('year-closed');
    expect(kinds).toContain('year-opened');
  });
});
