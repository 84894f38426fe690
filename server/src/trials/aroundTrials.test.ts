import type { LotRow, ProblemBody, TodayPage, TrialPage, TrialRow } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { openSitting } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';
import { planned, planOf, readHeights, reading, threeLots } from '../testing/trials';

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

const finished = async (trial: TrialPage): Promise<TrialRow> => {
  await tester.post(`/trials/${trial.id}/finish`);
  await server.app.cards.settled();
  return (await tester.list<TrialRow>('/trials')).find(({ id }) => id === trial.id) as TrialRow;
};

describe('what came of it', () => {
  it('stands on the list once it is finished, and goes when it is opened again', async () => {
    const trial = await laidOut();
    await readHeights(tester, trial, { a: 40, b: 40, c: 80 });
    const row = await finished(trial);
    expect(row.answers?.[0]).toMatch(/beside Peat: Coir \d+.* mm above/);
    expect(row.ratios?.map(({ name }) => name)).toEqual(['Coir', 'Bark']);
    await tester.post(`/trials/${trial.id}/reopen`, { id: uuidv7(), reason: 'once more' });
    await server.app.cards.settled();
    const again = (await tester.list<TrialRow>('/trials')).find(({ id }) => id === trial.id);
    expect(again?.answers).toBeUndefined();
    expect(again?.ratios).toBeUndefined();
  });

  it('is put down to nothing while a difference is open, and told once it is settled', async () => {
    const plan = planOf(lots);
    const trial = await laidOut({
      arms: plan.arms.map((arm, i) => (i === 2 ? { ...arm, own: { cover: 'glass' } } : arm)),
    });
    await readHeights(tester, trial, { a: 40, b: 40, c: 80 });
    expect((await finished(trial)).ratios).toBeUndefined();
    const settled = { id: uuidv7(), circumstance: 'cover', how: 'accepted', words: 'One pane for two days.' };
    expect((await tester.post<TrialPage>(`/trials/${trial.id}/settled`, settled)).body.plan.settled).toHaveLength(1);
    await server.app.cards.settled();
    const row = (await tester.list<TrialRow>('/trials')).find(({ id }) => id === trial.id);
    expect(row?.ratios).toHaveLength(2);
  });

  it('is figures and no ratio with one plot of each', async () => {
    const trial = await laidOut({ blocks: 1 });
    await readHeights(tester, trial, { a: 40, b: 40, c: 80 });
    const row = await finished(trial);
    expect(row.answers?.[0]).toMatch(/cannot be told apart whether the medium differs/);
    expect(row.ratios).toBeUndefined();
  });
});

describe('on a scorecard', () => {
  interface Judged {
    readonly criterion: { readonly name: string };
    readonly found?: number;
    readonly score?: number;
    readonly says?: string;
  }
  const grownOn = async (cardId: string): Promise<Judged | undefined> => {
    const { body } = await tester.get<{ card: { criteria: Judged[] } }>(`/scorecards/${cardId}`);
    return body.card.criteria.find(({ criterion }) => criterion.name === 'grown');
  };

  it('growth is the ratio of the newest finished trial, and names it; while it grows it is missing', async () => {
    const own = await threeLots(tester);
    const { id } = await planned(tester, planOf(own), { name: 'Plugs of autumn' });
    const trial = (await tester.post<TrialPage>(`/trials/${id}/layout`, { seed: 3 })).body;
    await readHeights(tester, trial, { a: 40, b: 40, c: 80 });
    const rater = await server.as('panellist');
    const cardId = await openSitting(tester, own[2] ?? '', [rater.me.id], { rubric: 'seed-and-plugs' });
    expect((await grownOn(cardId))?.score).toBeUndefined();
    const row = await finished(trial);
    const ratio = row.ratios?.find(({ name }) => name === 'Coir')?.ratio ?? 0;
    const grown = await grownOn(cardId);
    expect(grown?.found).toBeCloseTo(ratio, 9);
    expect(grown?.score).toBe(10);
    expect(grown?.says).toBe('of what grew in Peat: Plugs of autumn');
  });
});

describe('around it', () => {
  it('stands in Today and at the edge while it is grown', async () => {
    const before = (await tester.get<{ openTrials: number }>('/counts')).body.openTrials;
    const trial = await laidOut();
    expect((await tester.get<{ openTrials: number }>('/counts')).body.openTrials).toBe(before + 1);
    const mine = async () => (await tester.get<TodayPage>('/today')).body.trials.find(({ id }) => id === trial.id);
    expect(await mine()).toMatchObject({ on: '2026-11-24', planned: 18, left: 18, traits: ['height'] });
    await readHeights(tester, trial, { a: 1, b: 2, c: 3 });
    expect(await mine()).toMatchObject({ left: 0 });
  });

  it('is found by its name, listed by its lot, and holds its lots while it is grown', async () => {
    const own = await threeLots(tester);
    const { id } = await planned(tester, planOf(own), { name: 'Zinnias under glass' });
    const found = await tester.get<{ kind: string; id: string }[]>('/find?for=zinias');
    expect(found.body.some((one) => one.kind === 'trial' && one.id === id)).toBe(true);
    expect(
      (await tester.get<{ rows: TrialRow[] }>(`/trials?lot=${own[1] ?? ''}`)).body.rows.map((row) => row.id),
    ).toEqual([id]);
    const { version } = (await tester.get<{ lot: LotRow }>(`/lots/${own[0] ?? ''}`)).body.lot;
    const away = await tester.send<ProblemBody>('PATCH', `/lots/${own[0] ?? ''}`, { version, archived: true });
    expect(away.status).toBe(409);
    expect(away.body.error.message).toMatch(/Zinnias/);
  });

  it('is put away only when nothing of it grows', async () => {
    const { id } = await laidOut();
    expect((await tester.send('PATCH', `/trials/${id}`, { archived: true })).status).toBe(409);
    await tester.post(`/trials/${id}/finish`);
    expect((await tester.send('PATCH', `/trials/${id}`, { archived: true })).status).toBe(204);
    expect((await tester.list<TrialRow>('/trials')).some((row) => row.id === id)).toBe(false);
  });

  it('a second crop stands in the pots of the first', async () => {
    const first = await laidOut();
    const plan = planOf(lots, { species: [{ key: 'radish', name: 'Radish', seeds: 6, plants: 2, weight: 1 }] });
    const early = await tester.post<ProblemBody>('/trials', { id: uuidv7(), name: 'Second', plan, secondOf: first.id });
    expect(early.body.error.path).toBe('secondOf');
    await tester.post(`/trials/${first.id}/finish`);
    const second = await planned(tester, plan, { name: 'Second', secondOf: first.id });
    const { body } = await tester.post<TrialPage>(`/trials/${second.id}/layout`, {});
    expect(body.secondOf?.id).toBe(first.id);
    expect(body.plots.map(({ arm, block, place }) => [arm, block, place])).toEqual(
      first.plots.map(({ arm, block, place }) => [arm, block, place]),
    );
    expect(new Set(body.plots.map(({ species }) => species))).toEqual(new Set(['radish']));
  });

  it('is a tidy table, a reading a row, and another of what happened', async () => {
    const { id, plots } = await laidOut();
    await tester.post(`/trials/${id}/readings`, reading(plots[0]?.id ?? '', 'height', '2026-11-17', { value: 9 }));
    await tester.post(`/trials/${id}/readings`, reading(plots[0]?.id ?? '', 'height', '2026-11-17', { value: 19 }));
    const { body } = await tester.get<string>(`/exports/trial-readings.csv?trial=${id}`);
    await tester.post(`/trials/${id}/events`, {
      id: uuidv7(),
      on: '2026-11-12',
      kind: 'watered',
      arm: 'b',
      water_mL: 40,
    });
    const events = await tester.get<string>(`/exports/trial-events.csv?trial=${id}`);
    expect(events.body).toContain('Autumn,2026-11-12,watered,Bark,40,,,');
    const lines = body.trim().split('\r\n');
    expect(lines).toHaveLength(2);
    expect(lines[1]).toMatch(/^Autumn,1,1,1,.*,Cress,1,2026-11-17,14,Height,19,mm/);
  });
});
