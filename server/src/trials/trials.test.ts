import type { HistoryPage, KeptTrialReading, ProblemBody, TrialPage } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';
import { planned, planOf, reading, threeLots } from '../testing/trials';

let server: TestServer;
let tester: Client;
let lots: readonly string[];

beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
  lots = await threeLots(tester);
});
afterAll(() => server.close());

const laidOut = async (more = {}): Promise<TrialPage> => {
  const { id } = await planned(tester, planOf(lots, more));
  return (await tester.post<TrialPage>(`/trials/${id}/layout`, { seed: 7 })).body;
};
const pageOf = async (id: string): Promise<TrialPage> => (await tester.get<TrialPage>(`/trials/${id}`)).body;
const readingsOf = async (id: string): Promise<readonly KeptTrialReading[]> =>
  (await tester.get<KeptTrialReading[]>(`/trials/${id}/readings`)).body;

describe('a plan', () => {
  it('is kept once, edited until it is laid out, and stands from then on', async () => {
    const plan = planOf(lots);
    const body = { id: uuidv7(), name: 'Autumn', plan };
    expect((await tester.post('/trials', body)).status).toBe(201);
    expect((await tester.post('/trials', body)).status).toBe(201);
    expect((await tester.post('/trials', { ...body, name: 'Other' })).status).toBe(409);
    const edited = await tester.send<TrialPage>('PUT', `/trials/${body.id}`, {
      name: 'Late autumn',
      plan: { ...plan, blocks: 4 },
    });
    expect(edited.body).toMatchObject({ name: 'Late autumn', state: 'planned', plan: { blocks: 4 } });
    expect((await tester.post<TrialPage>(`/trials/${body.id}/layout`, {})).body.plots).toHaveLength(12);
    expect((await tester.send('PUT', `/trials/${body.id}`, { name: 'x', plan })).status).toBe(409);
  });

  it.each([
    [
      'two of one name',
      (plan: ReturnType<typeof planOf>) => ({ arms: plan.arms.map((arm) => ({ ...arm, name: 'A' })) }),
      'plan.arms[1].name',
    ],
    ['a reference that is none', () => ({ reference: 'z' }), 'plan.reference'],
    [
      'a lot that is not there',
      (plan: ReturnType<typeof planOf>) => ({ arms: plan.arms.map((arm) => ({ ...arm, mediumId: uuidv7() })) }),
      'plan.arms[0].mediumId',
    ],
    ['nothing to read of what is asked', () => ({ asks: { trait: 'fresh', difference: 1, sd: 1 } }), 'plan.asks.trait'],
    ['ages that stand twice', () => ({ observe: [{ trait: 'height', ages: [7, 7] }] }), 'plan.observe[0].ages[1]'],
    ['blocks so small that they link nothing', () => ({ blocks: 1, perBlock: 2 }), 'plan.blocks'],
  ])('is refused at its field: %s', async (_, change, path) => {
    const plan = planOf(lots);
    const bad = { ...plan, ...change(plan) };
    const answer = await tester.post<ProblemBody>('/trials', { id: uuidv7(), name: 'Bad', plan: bad });
    expect(answer.status).toBe(422);
    expect(answer.body.error.path).toBe(path);
    expect(answer.body.error.message).not.toMatch(/invalid/);
  });

  it('is laid out by a seed that makes the same for ever, and only once', async () => {
    const [one, other] = [await laidOut(), await laidOut()];
    const placed = ({ plots }: TrialPage) => plots.map(({ arm, block, place }) => [arm, block, place]);
    expect(placed(one)).toEqual(placed(other));
    expect(one.seed).toBe(7);
    const again = await tester.post<TrialPage>(`/trials/${one.id}/layout`, { seed: 8 });
    expect(again.body.seed).toBe(7);
    expect(again.body.plots).toEqual(one.plots);
  });
});

it('what was changed in a plan before it was laid out stands in the history', async () => {
  const plan = planOf(lots);
  const { id } = await planned(tester, plan, { name: 'To be changed' });
  server.clock.forward(1);
  await tester.send('PUT', `/trials/${id}`, { name: 'Changed', plan: { ...plan, blocks: 5 } });
  const { rows } = (await tester.get<HistoryPage>('/history?kind=edited')).body;
  const own = rows.filter(({ of }) => of.kind === 'trial' && of.id === id);
  expect(
    own.map(({ field, old, new: now }) => [field, old, now]).sort((a, b) => String(a[0]).localeCompare(String(b[0]))),
  ).toEqual([
    ['trials.name', 'To be changed', 'Changed'],
    ['trials.plan.blocks', '3', '5'],
  ]);
});

describe('readings', () => {
  it('are kept once; the last of a day stands, and both stay', async () => {
    const { id, plots } = await laidOut();
    const plotId = plots[0]?.id ?? '';
    const first = reading(plotId, 'height', '2026-11-17', { value: 31 });
    expect((await tester.post(`/trials/${id}/readings`, first)).status).toBe(201);
    expect((await tester.post(`/trials/${id}/readings`, first)).status).toBe(201);
    await tester.post(`/trials/${id}/readings`, reading(plotId, 'height', '2026-11-17', { value: 41 }));
    expect((await readingsOf(id)).map(({ value }) => value)).toEqual([31, 41]);
    expect((await pageOf(id)).readings).toBe(2);
  });

  it.each([
    ['height', { value: -3 }, 'value'],
    ['height', { value: 20, state: 'dead' }, 'value'],
    ['height', {}, 'value'],
    ['height', { plant: 3, value: 20 }, 'plant'],
    ['up', { value: 11 }, 'value'],
    ['up', { value: 2.5 }, 'value'],
    ['signs', {}, 'signs'],
    ['colour', { value: 7 }, 'value'],
  ])('that cannot be are refused: %s %o', async (trait, more, path) => {
    const { id, plots } = await laidOut();
    const answer = await tester.post<ProblemBody>(
      `/trials/${id}/readings`,
      reading(plots[0]?.id ?? '', trait, '2026-11-17', more),
    );
    expect(answer.status).toBe(422);
    expect(answer.body.error.path).toBe(path);
    expect(await readingsOf(id)).toEqual([]);
  });

  it('are of its own plots, after sowing, and not of days to come', async () => {
    const [one, other] = [await laidOut(), await laidOut()];
    const tryAt = async (plotId: string, on: string) =>
      (await tester.post<ProblemBody>(`/trials/${one.id}/readings`, reading(plotId, 'height', on, { value: 1 }))).body
        .error.path;
    expect(await tryAt(other.plots[0]?.id ?? '', '2026-11-17')).toBe('plotId');
    expect(await tryAt(one.plots[0]?.id ?? '', '2026-11-02')).toBe('on');
    expect(await tryAt(one.plots[0]?.id ?? '', '2026-11-27')).toBe('on');
  });

  it('wait until it is laid out, and end when it is finished', async () => {
    const { id } = await planned(tester, planOf(lots));
    expect((await tester.post(`/trials/${id}/finish`)).status).toBe(409);
    const trial = await laidOut();
    expect((await tester.post<TrialPage>(`/trials/${trial.id}/finish`)).body.state).toBe('finished');
    const late = reading(trial.plots[0]?.id ?? '', 'height', '2026-11-17', { value: 9 });
    expect((await tester.post(`/trials/${trial.id}/readings`, late)).status).toBe(409);
    const reopened = await tester.post<TrialPage>(`/trials/${trial.id}/reopen`, {
      id: uuidv7(),
      reason: 'one was forgotten',
    });
    expect(reopened.body.state).toBe('running');
    expect((await tester.post(`/trials/${trial.id}/readings`, late)).status).toBe(201);
  });

  it('are never changed or dropped', async () => {
    const { id, plots } = await laidOut();
    await tester.post(`/trials/${id}/readings`, reading(plots[0]?.id ?? '', 'height', '2026-11-17', { value: 9 }));
    await expect(server.db.query('update trial_readings set value = 10 where trial_id = $1', [id])).rejects.toThrow();
    await expect(server.db.query('delete from trial_readings where trial_id = $1', [id])).rejects.toThrow();
  });
});

describe('what is said of it', () => {
  it('plots go out and come in again with a reason, and the history tells', async () => {
    const { id, plots } = await laidOut();
    const plotId = plots[4]?.id ?? '';
    const say = (isOut: boolean, reason: string) =>
      tester.post<TrialPage>(`/trials/${id}/exclusions`, { id: uuidv7(), plotId, isOut, reason });
    expect((await say(true, 'knocked over')).body.out).toMatchObject([{ plotId, reason: 'knocked over' }]);
    server.clock.forward(1);
    expect((await say(false, 'it was the one beside')).body.out).toEqual([]);
    const { rows } = (await tester.get<HistoryPage>('/history')).body;
    expect(rows.filter(({ kind }) => kind.startsWith('plot-')).map(({ kind, part }) => [kind, part])).toEqual([
      ['plot-in', '5'],
      ['plot-out', '5'],
    ]);
  });

  it('moves, waterings and mishaps are kept by day', async () => {
    const { id, plots } = await laidOut();
    const [a, b] = [plots[0]?.id ?? '', plots[8]?.id ?? ''];
    await tester.post(`/trials/${id}/moves`, { id: uuidv7(), plotId: a, withId: b, on: '2026-11-10', reason: 'lamp' });
    const same = { id: uuidv7(), plotId: a, withId: a, on: '2026-11-10', reason: 'lamp' };
    expect((await tester.post<ProblemBody>(`/trials/${id}/moves`, same)).body.error.path).toBe('withId');
    const event = (more: object) =>
      tester.post<ProblemBody>(`/trials/${id}/events`, { id: uuidv7(), on: '2026-11-12', ...more });
    expect((await event({ kind: 'watered' })).body.error.path).toBe('water_mL');
    expect((await event({ kind: 'mishap' })).body.error.path).toBe('words');
    expect((await event({ kind: 'watered', arm: 'x', water_mL: 5 })).body.error.path).toBe('arm');
    await event({ kind: 'watered', arm: 'a', water_mL: 40, keptUp: false });
    await event({ kind: 'changed', words: 'Lids off' });
    expect((await pageOf(id)).events.map(({ kind, water_mL, keptUp }) => [kind, water_mL, keptUp])).toEqual([
      ['watered', 40, false],
      ['changed', undefined, undefined],
    ]);
    expect((await pageOf(id)).moves).toHaveLength(1);
  });
});
