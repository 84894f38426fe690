import type { KeptReading, LotCardPage, Page, RunRow, RunSheet } from '@bent-pail/contract';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { fillSheet, putOnShelf, reading, startRun, type Pumice } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Client;
let reader: Client;
let shelf: Pumice;

beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
  reader = await server.as('reader');
});
beforeEach(async () => {
  shelf = await putOnShelf(tester, { name: `Pumice ${uuidv7().slice(-6)}` });
});
afterAll(() => server.close());

interface Refusal {
  readonly error: { readonly message: string };
}

const keep = async (run: RunSheet, replicate: number, step: string, value: number, more: object = {}) =>
  (await tester.post<KeptReading>(`/runs/${run.id}/readings`, reading(server, replicate, step, value, more))).body;
const takeBack = (run: RunSheet, said: object) =>
  tester.post<RunSheet & Refusal>(`/runs/${run.id}/taken-back`, { id: uuidv7(), ...said });
const sheetNow = async ({ id }: RunSheet) => (await tester.get<RunSheet>(`/runs/${id}`)).body;
const archive = (run: RunSheet, said: object) => tester.post<RunSheet & Refusal>(`/runs/${run.id}/archive`, said);
const restore = (run: RunSheet) => tester.post<RunSheet & Refusal>(`/runs/${run.id}/restore`, { id: uuidv7() });
const runsIn = async (state: string): Promise<readonly string[]> =>
  (await tester.get<Page<RunRow>>(`/runs?lot=${shelf.lotId}${state}`)).body.rows.map(({ id }) => id);
const measuredOn = ({ card: { figures } }: LotCardPage) => figures.filter(({ runs }) => runs.length > 0);
const card = async () => (await tester.get<LotCardPage>(`/lots/${shelf.lotId}`)).body;

describe('a reading taken back', () => {
  it('leaves its cell empty and its author in sight; the one that it corrected stands again', async () => {
    const run = await startRun(tester, shelf);
    const first = await keep(run, 0, 'tare', 312.4);
    const better = await keep(run, 0, 'tare', 321.4, { corrects: first.id, reason: 'slip of the finger' });
    const back = await takeBack(run, { reading: better.id });
    expect(back.status).toBe(201);
    expect(back.body.readings.map(({ value }) => value)).toEqual([312.4]);
    expect(back.body.takenBack).toMatchObject([
      { reading: { value: 321.4 }, by: expect.stringContaining('tester') as string },
    ]);
    // It can be corrected anew.
    expect((await keep(run, 0, 'tare', 313, { corrects: first.id, reason: 'read again' })).value).toBe(313);
  });

  it('is taken back once, also where the request comes twice; the timer that it began runs no more', async () => {
    const run = await startRun(tester, shelf);
    const kept = await keep(run, 0, 'soak', server.clock.now() / 1000);
    const said = { id: uuidv7(), reading: kept.id };
    await tester.post(`/runs/${run.id}/taken-back`, said);
    const again = await tester.post<RunSheet>(`/runs/${run.id}/taken-back`, said);
    expect(again.status).toBe(201);
    expect(again.body.takenBack).toHaveLength(1);
    const [state] = await server.db.query<{ waits: { holds: object[] } }[]>(
      'select waits from run_states where run_id = $1',
      [run.id],
    );
    expect(state?.waits.holds).toEqual([]);
  });

  it('is corrected instead once it is older than ten minutes, corrected by somebody, or of a finished run', async () => {
    const run = await startRun(tester, shelf);
    const old = await keep(run, 0, 'waterTemp', 17);
    server.clock.forward(11);
    expect((await takeBack(run, { reading: old.id })).body.error.message).toMatch(/older than ten minutes/);
    const better = await keep(run, 0, 'waterTemp', 18, { corrects: old.id, reason: 'misread' });
    expect((await takeBack(run, { reading: old.id })).status).toBe(422);
    expect((await takeBack(run, { reading: uuidv7() })).body.error.message).toMatch(/no such reading/);
    await fillSheet(server, tester, run);
    await tester.post(`/runs/${run.id}/finish`);
    expect((await takeBack(run, { reading: better.id })).body.error.message).toMatch(/finished/);
  });

  it('is nothing for a reader to do', async () => {
    const run = await startRun(tester, shelf);
    const kept = await keep(run, 0, 'waterTemp', 17);
    expect((await reader.post(`/runs/${run.id}/taken-back`, { id: uuidv7(), reading: kept.id })).status).toBe(403);
  });
});

describe('a replicate that was left out', () => {
  it('counts again when it is taken in, on a finished run too, and can be left out again', async () => {
    const run = await startRun(tester, shelf);
    await fillSheet(server, tester, run);
    await tester.post(`/runs/${run.id}/finish`);
    const whole = (await card()).card.figures;
    const leaveOut = () =>
      tester.post<RunSheet>(`/runs/${run.id}/exclusions`, { id: uuidv7(), replicate: 2, reason: 'knocked over' });
    expect((await leaveOut()).body.exclusions).toHaveLength(1);
    await server.app.cards.follow([shelf.lotId]);
    expect((await card()).card.figures).not.toEqual(whole);
    const back = await takeBack(run, { replicate: 2 });
    expect(back.body.exclusions).toEqual([]);
    expect(back.body.takenBack).toMatchObject([{ exclusion: { replicate: 2, reason: 'knocked over' } }]);
    await server.app.cards.follow([shelf.lotId]);
    expect((await card()).card.figures).toEqual(whole);
    expect((await takeBack(run, { replicate: 2 })).body.error.message).toMatch(/not left out/);
    expect((await leaveOut()).status).toBe(201);
  });
});

describe('a run that was put away', () => {
  it('counts nowhere, waits for nothing, keeps its readings, and comes back open', async () => {
    const run = await startRun(tester, shelf);
    await fillSheet(server, tester, run);
    await tester.post(`/runs/${run.id}/finish`);
    await server.app.cards.follow([shelf.lotId]);
    expect((await card()).lot.finishedRuns).toBe(1);
    const away = await archive(run, { id: uuidv7(), reason: 'the wrong bag' });
    expect(away.status).toBe(201);
    expect(away.body).toMatchObject({
      archivings: [{ archived: true, reason: 'the wrong bag', by: expect.stringContaining('tester') as string }],
    });
    expect(away.body.readings.length).toBeGreaterThan(10);
    await server.app.cards.follow([shelf.lotId]);
    const after = await card();
    expect(after.lot).toMatchObject({ finishedRuns: 0, openRuns: 0 });
    expect(measuredOn(after)).toEqual([]);
    expect(await runsIn('')).toEqual([]);
    expect(await runsIn('&state=archived')).toEqual([run.id]);
    expect((await tester.get<{ openRuns: RunRow[] }>('/today')).body.openRuns.map(({ id }) => id)).not.toContain(
      run.id,
    );
    expect((await restore(run)).body.archivedAt).toBeUndefined();
    expect(await runsIn('&state=open')).toEqual([run.id]);
    // Somebody looks at it before it counts.
    await server.app.cards.follow([shelf.lotId]);
    expect(measuredOn(await card())).toEqual([]);
    expect((await tester.post(`/runs/${run.id}/finish`)).status).toBe(200);
    await server.app.cards.follow([shelf.lotId]);
    expect((await card()).lot.finishedRuns).toBe(1);
  });

  it('takes nothing more until it is back, and says so', async () => {
    const run = await startRun(tester, shelf);
    await archive(run, { id: uuidv7(), reason: 'nothing was read on it' });
    const answers = await Promise.all([
      tester.post<Refusal>(`/runs/${run.id}/readings`, reading(server, 0, 'tare', 312)),
      tester.post<Refusal>(`/runs/${run.id}/exclusions`, { id: uuidv7(), replicate: 0, reason: 'knocked over' }),
      tester.post<Refusal>(`/runs/${run.id}/finish`),
      tester.post<Refusal>(`/runs/${run.id}/reopen`, { id: uuidv7(), reason: 'to look again' }),
      takeBack(run, { replicate: 0 }),
    ]);
    expect(answers.map(({ body }) => body.error.message)).toEqual(
      answers.map(() => 'This run was put away: bring it back before you go on with it.'),
    );
    expect((await archive(run, { id: uuidv7(), reason: 'once more' })).body.error.message).toMatch(/put away already/);
    expect((await sheetNow(run)).readings).toEqual([]);
    await restore(run);
    expect((await restore(run)).body.error.message).toMatch(/on the bench already/);
  });
});

describe('several sheets', () => {
  const one = (more: object) => ({
    id: uuidv7(),
    lotId: shelf.lotId,
    protocol: 'heft',
    replicates: 1,
    vesselIds: [],
    settings: { packingHabit: 'tapped', soak_min: 0, drain_min: 60, ovenTemp_C: 104 },
    ...more,
  });

  it('are opened together for their groups, once', async () => {
    const usesVessel = { vesselIds: shelf.vesselIds.slice(0, 1) };
    const runs = [1, 2, 3].map((i) => one({ ...usesVessel, groupName: `Group ${'KLM'.charAt(i - 1)}` }));
    const answer = await tester.post<{ ids: string[] }>('/runs/several', { runs });
    expect(answer.status).toBe(201);
    expect((await tester.post('/runs/several', { runs })).body).toEqual(answer.body);
    const { rows } = (await tester.get<Page<RunRow>>(`/runs?lot=${shelf.lotId}&sort=number&direction=up`)).body;
    expect(rows.map(({ groupName }) => groupName)).toEqual(['Group K', 'Group L', 'Group M']);
    const found = (await tester.get<Page<RunRow>>(`/runs?lot=${shelf.lotId}&find=${encodeURIComponent('group l')}`))
      .body;
    expect(found.rows.map(({ groupName }) => groupName)).toEqual(['Group L']);
  });

  it('are all opened or none', async () => {
    const vessel = shelf.vesselIds.slice(0, 1);
    const runs = [one({ vesselIds: vessel }), one({ vesselIds: vessel, lotId: uuidv7() })];
    expect((await tester.post('/runs/several', { runs })).status).toBe(422);
    expect(await runsIn('')).toEqual([]);
    expect((await tester.post('/runs/several', { runs: [] })).status).toBe(422);
  });
});
