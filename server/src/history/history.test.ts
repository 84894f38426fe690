import { CHANGE_KINDS, type BlendPage, type ChangeRow, type HistoryPage } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { fillSheet, openSitting, putOnShelf, reading, startRun } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Client & { readonly me: { readonly id: string; readonly name: string } };
let other: typeof tester;
let lotId: string;
let runId: string;
let number: number;

beforeAll(async () => {
  server = await startTestServer();
  [tester, other] = [await server.as('tester'), await server.as('tester')];
  const shelf = await putOnShelf(tester, { name: 'Rice hulls' });
  ({ lotId } = shelf);
  const run = await startRun(tester, shelf);
  ({ id: runId, number } = run);
  await fillSheet(server, tester, run);
  await other.post(`/runs/${runId}/exclusions`, { id: uuidv7(), replicate: 1, reason: 'spilt' });
  await tester.post(`/runs/${runId}/finish`);
  await tester.post(`/runs/${runId}/reopen`, { id: uuidv7(), reason: 'the oven was cold' });
  const acid = await startRun(tester, shelf, 'ph-1to5');
  const wrong = reading(server, 0, 'pH', 5.1) as { readonly id: string };
  await tester.post(`/runs/${acid.id}/readings`, wrong);
  server.clock.forward(5);
  await other.post(
    `/runs/${acid.id}/readings`,
    reading(server, 0, 'pH', 5.2, { corrects: wrong.id, reason: 'misread' }),
  );
  const recipe = {
    lines: [{ lotId, parts: 1 }],
    potName: 'Tub',
    pot: { height_cm: 20 },
    model: 'average',
    lime_meqPerL: 0,
  };
  const said = { id: uuidv7(), blendId: uuidv7(), name: 'Tub mix', recipe };
  expect((await tester.post<BlendPage>('/blends', said)).status).toBe(201);
});
afterAll(() => server.close());

const ask = async (query = ''): Promise<HistoryPage> => (await tester.get<HistoryPage>(`/history${query}`)).body;
const told = ({ kind, part, old, new: now, reason, by }: ChangeRow) => ({ kind, part, old, now, reason, by });

describe('the history of a notebook', () => {
  it('tells of every change, from what to what, by whom and why, the newest first', async () => {
    const { rows } = await ask();
    expect(rows.map(({ kind }) => kind).sort()).toEqual(['corrected', 'excluded', 'reopened', 'version']);
    const times = rows.map(({ at }) => at);
    expect(times).toEqual([...times].sort().reverse());
    const corrected = rows.find(({ kind }) => kind === 'corrected') as ChangeRow;
    expect(told(corrected)).toEqual({
      kind: 'corrected',
      part: 'pH of the extract, A',
      old: '5.1 pH',
      now: '5.2 pH',
      reason: 'misread',
      by: other.me.name,
    });
    const excluded = rows.find(({ kind }) => kind === 'excluded') as ChangeRow;
    expect(told(excluded)).toMatchObject({ part: 'B', reason: 'spilt' });
    expect(excluded).toMatchObject({
      of: { kind: 'run', id: runId },
      title: 'Rice hulls, PM-3',
      number,
    });
  });

  it('is asked by person, kind, lot and day', async () => {
    expect((await ask(`?person=${other.me.id}`)).rows.map(({ by }) => by)).toEqual([other.me.name, other.me.name]);
    expect((await ask('?kind=reopened')).rows.map(({ reason }) => reason)).toEqual(['the oven was cold']);
    const ofLot = (await ask(`?lot=${lotId}`)).rows.map(({ kind }) => kind);
    expect(ofLot.sort()).toEqual(['corrected', 'excluded', 'reopened']);
    expect((await ask(`?lot=${uuidv7()}`)).rows).toEqual([]);
    const [{ at } = { at: '' }] = (await ask('?kind=corrected')).rows;
    expect((await ask(`?day=${at.slice(0, 10)}`)).rows.length).toBeGreaterThan(0);
    expect((await ask('?day=2020-01-01')).rows).toEqual([]);
    expect((await tester.get('/history?day=yesterday')).status).toBe(422);
    expect((await tester.get('/history?kind=burnt')).status).toBe(422);
  });

  it('has nothing of a lot to tell of what is never of one', async () => {
    for (const kind of CHANGE_KINDS) {
      const { status, body } = await tester.get<HistoryPage>(`/history?kind=${kind}&lot=${lotId}`);
      expect([kind, status]).toEqual([kind, 200]);
      expect(body.rows.every((row) => row.kind === kind)).toBe(true);
    }
    expect((await ask(`?kind=version&lot=${lotId}`)).rows).toEqual([]);
  });

  it('goes on page by page', async () => {
    const wrong = await ask('?kind=corrected');
    expect(wrong.before).toBeUndefined();
    const [{ at } = { at: '' }] = wrong.rows;
    expect((await ask(`?kind=corrected&before=${at}`)).rows).toEqual([]);
    expect((await ask(`?before=${at}`)).rows.map(({ kind }) => kind)).not.toContain('corrected');
  });

  it('says nothing of marks before the reveal, and nothing to panellists', async () => {
    const rater = await server.as('panellist');
    const lead = await server.as('lead');
    const card = await openSitting(lead, lotId, [rater.me.id]);
    const said = { id: uuidv7(), criterion: 'price', value: 7, reason: 'on offer that week' };
    expect((await lead.post(`/scorecards/${card}/overrides`, said)).status).toBe(201);
    expect((await ask()).rows.some(({ of }) => of.kind === 'card')).toBe(false);
    await server.db.query('update scorecard_raters set handed_in_at = now() where scorecard_id = $1', [card]);
    const [open] = (await ask('?kind=override')).rows;
    expect(open).toMatchObject({ of: { kind: 'card', id: card }, part: 'Price', new: '7', reason: said.reason });
    expect((await rater.get('/history')).status).toBe(403);
  });
});
