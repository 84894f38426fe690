import type {
  BlendPage,
  KeptReading,
  Page,
  RaterSheet,
  RunSheet,
  ScorecardPage,
  SheetRow,
  PanelPage,
} from '@bent-pail/contract';
import { RUBRICS } from '@bent-pail/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { fillSheet, openSitting, putOnShelf, reading, startRun, type Pumice } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

type Person = Awaited<ReturnType<TestServer['as']>>;

let server: TestServer;
let tester: Client;
let one: Person;
let two: Person;
let shelf: Pumice;
let run: RunSheet;

beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
  one = await server.as('panellist');
  two = await server.as('panellist');
  shelf = await putOnShelf(tester);
  run = await startRun(tester, shelf);
  await fillSheet(server, tester, run);
  await tester.post(`/runs/${run.id}/finish`);
});
afterAll(() => server.close());

const newCard = (): Promise<string> => openSitting(tester, shelf.lotId, [one.me.id, two.me.id]);

const rate = (person: Client, id: string, criterion: string, value: number) =>
  person.send('PUT', `/sheets/${id}/ratings/${criterion}`, { value, tags: [] });

async function rateAll(person: Client, id: string, value: number): Promise<void> {
  for (const criterion of ['smell', 'look', 'feel']) await rate(person, id, criterion, value);
  expect((await person.post(`/sheets/${id}/hand-in`)).status).toBe(200);
}

describe('a panel', () => {
  it('is blind until all are in, through every address', async () => {
    const id = await newCard();
    await rateAll(one, id, 8);
    const everything = JSON.stringify([
      (await two.get(`/sheets/${id}`)).body,
      (await two.get('/sheets')).body,
      (await tester.get(`/scorecards/${id}`)).body,
      (await tester.get('/scorecards')).body,
    ]);
    expect(everything).not.toMatch(/"value":8\b/);
    expect(everything).not.toMatch(/"raters":\[8/);
    const before = (await tester.get<ScorecardPage>(`/scorecards/${id}`)).body;
    expect(before.card.result.missing).toEqual(['pH', 'smell', 'look', 'feel']);
    await rateAll(two, id, 7);
    const after = (await tester.get<ScorecardPage>(`/scorecards/${id}`)).body;
    expect(after.card.criteria.find((line) => line.criterion.name === 'smell')).toMatchObject({
      score: 7.5,
      found: 7.5,
    });
    expect(after.card.result.missing).toEqual(['pH']);
  });

  it('shows a rater the blind code and never the product', async () => {
    const id = await newCard();
    const sheet = JSON.stringify((await one.get<RaterSheet>(`/sheets/${id}`)).body);
    expect(sheet).toContain('K7');
    expect(sheet).not.toContain('Pumice');
    expect((await one.get(`/scorecards/${id}`)).status).toBe(403);
  });

  it('has no sheet for somebody who is not on it', async () => {
    const id = await newCard();
    const stranger = await server.as('panellist');
    expect((await stranger.get(`/sheets/${id}`)).status).toBe(404);
    expect((await rate(stranger, id, 'smell', 5)).status).toBe(404);
  });

  it('scores in halves from 0 to 10, what the rubric asks, and not after handing in', async () => {
    const id = await newCard();
    expect((await rate(one, id, 'smell', 7.3)).body).toMatchObject({ error: { path: 'value' } });
    expect((await rate(one, id, 'smell', 11)).status).toBe(422);
    expect((await rate(one, id, 'air', 5)).status).toBe(404);
    expect((await one.post(`/sheets/${id}/hand-in`)).body).toMatchObject({
      error: { message: 'Smell is not scored yet.' },
    });
    await rateAll(one, id, 6);
    expect((await rate(one, id, 'smell', 9)).status).toBe(409);
  });
});

describe('an agreed value', () => {
  it('stands where marks were far apart, once they are open; nobody’s own mark is lost', async () => {
    const id = await newCard();
    const agreed = { id: uuidv7(), criterion: 'smell', value: 4.5, reason: 'smelt again together' };
    await rateAll(one, id, 4);
    expect((await tester.post(`/scorecards/${id}/agreed`, agreed)).status).toBe(409);
    await one.post(`/sheets/${id}/hand-in`);
    await rateAll(two, id, 8);
    await two.post(`/sheets/${id}/hand-in`);
    const smell = (page: ScorecardPage) => page.card.criteria.find(({ criterion }) => criterion.name === 'smell');
    expect(smell((await tester.get<ScorecardPage>(`/scorecards/${id}`)).body)).toMatchObject({ score: 6, apart: 4 });
    for (const [wrong, path] of [
      [{ criterion: 'air' }, 'criterion'],
      [{ value: 4.3 }, 'value'],
      [{ reason: '' }, 'reason'],
    ] as const)
      expect((await tester.post(`/scorecards/${id}/agreed`, { ...agreed, id: uuidv7(), ...wrong })).body).toMatchObject(
        {
          error: { path },
        },
      );
    const { body, status } = await tester.post<ScorecardPage>(`/scorecards/${id}/agreed`, agreed);
    expect(status).toBe(201);
    expect(smell(body)).toMatchObject({ score: 4.5, agreed: { reason: 'smelt again together' } });
    expect(
      smell(body)
        ?.raters.map(({ value }) => value)
        .sort(),
    ).toEqual([4, 8]);
    expect((await one.post(`/scorecards/${id}/agreed`, { ...agreed, id: uuidv7() })).status).toBe(403);
  });
});

describe('the panel', () => {
  it('shows the marks of what is revealed, and of nothing else', async () => {
    const id = await newCard();
    await rateAll(one, id, 9.5);
    await one.post(`/sheets/${id}/hand-in`);
    const marks = async () => {
      const { body, status } = await tester.get<PanelPage>('/panel');
      expect(status).toBe(200);
      return body.items.filter(({ cardId }) => cardId === id);
    };
    expect(await marks()).toEqual([]);
    await rateAll(two, id, 7);
    await two.post(`/sheets/${id}/hand-in`);
    const items = await marks();
    expect(items.map(({ criterion }) => criterion)).toEqual(['Feel', 'Look', 'Smell']);
    for (const item of items)
      expect(item.marks.filter((mark) => mark !== null).sort((a, b) => a - b)).toEqual([7, 9.5]);
    expect((await one.get('/panel')).status).toBe(403);
  });
});

describe('a rater’s own sheets', () => {
  it('are listed with how far they are, those to be handed in first, page by page', async () => {
    const rater = await server.as('panellist');
    const begin = async (sampleCode: string): Promise<string> => {
      const id = await openSitting(tester, shelf.lotId, [rater.me.id, two.me.id], { sampleCode });
      server.clock.forward(1);
      return id;
    };
    const [first, second, third] = [await begin('A1'), await begin('B2'), await begin('C3')];
    await rateAll(rater, first, 6);
    server.clock.forward(1);
    await rateAll(rater, third, 6);
    await rate(rater, second, 'smell', 4);
    const sheets = async (asked = '') => (await rater.get<Page<SheetRow>>(`/sheets${asked}`)).body;
    const all = await sheets();
    expect(all.rows.map(({ scorecardId }) => scorecardId)).toEqual([second, third, first]);
    expect(all.rows[0]).toEqual({
      scorecardId: second,
      sittingLabel: 'Pots, all-round, B2',
      sampleCode: 'B2',
      rubricLabel: RUBRICS[0]?.label,
      handedIn: false,
      excused: false,
      marked: 1,
      criteria: 3,
      raters: 2,
      ratersIn: 0,
    });
    const { next } = await sheets('?limit=2');
    expect((await sheets(`?limit=2&after=${String(next)}`)).rows.map(({ sampleCode }) => sampleCode)).toEqual(['A1']);
    expect((await sheets('?state=handed-in')).total).toBe(2);
    expect((await sheets('?find=c3')).total).toBe(1);
    expect((await sheets('?state=lost')) as unknown).toMatchObject({ error: { path: 'state' } });
  });
});

describe('one reading', () => {
  it('moves card, blend and score when 10 g are added to it', async () => {
    const id = await newCard();
    const recipe = {
      lines: [{ lotId: shelf.lotId, parts: 1 }],
      potName: '15 cm',
      pot: { height_cm: 15 },
      model: 'packing',
      lime_meqPerL: 0,
    };
    const keep = async () =>
      (await tester.post<BlendPage>('/blends', { id: uuidv7(), blendId: uuidv7(), name: 'Alone', recipe })).body
        .versions[0]?.result.air as number;
    const score = async () =>
      (await tester.get<ScorecardPage>(`/scorecards/${id}`)).body.card.criteria.find(
        (line) => line.criterion.name === 'air',
      )?.found as number;
    const blendBefore = await keep();
    const scoreBefore = await score();
    const sheet = (await tester.get<RunSheet>(`/runs/${run.id}`)).body;
    const old = sheet.readings.find((reading_) => reading_.step === 'drained') as KeptReading;
    await tester.post(
      `/runs/${run.id}/readings`,
      reading(server, old.replicate, 'drained', old.value + 10, { corrects: old.id, reason: 'read again' }),
    );
    expect(await keep()).toBeLessThan(blendBefore);
    expect(await score()).toBeLessThan(scoreBefore);
  });
});

describe('a blend', () => {
  it('keeps its versions with what went in, and the same id changes nothing', async () => {
    const blendId = uuidv7();
    const recipe = {
      lines: [{ lotId: shelf.lotId, parts: 2 }],
      potName: '15 cm',
      pot: { height_cm: 15 },
      model: 'packing',
      lime_meqPerL: 0,
    };
    const body = { id: uuidv7(), blendId, name: 'Scree', recipe };
    await tester.post('/blends', body);
    expect((await tester.post<BlendPage>('/blends', body)).body.versions).toHaveLength(1);
    const second = await tester.post<BlendPage>('/blends', {
      ...body,
      id: uuidv7(),
      reason: 'deeper pot',
      recipe: { ...recipe, pot: { height_cm: 25 } },
    });
    expect(second.body.versions.map((version) => version.n)).toEqual([2, 1]);
    expect(second.body.versions[0]?.result.water).toBeLessThan(second.body.versions[1]?.result.water as number);
  });

  it('of a lot that does not exist, or of no lines, is refused at the line', async () => {
    const recipe = {
      lines: [{ lotId: uuidv7(), parts: 2 }],
      potName: 'p',
      pot: { height_cm: 15 },
      model: 'packing',
      lime_meqPerL: 0,
    };
    const body = { id: uuidv7(), blendId: uuidv7(), name: 'x', recipe };
    expect((await tester.post('/blends', body)).body).toMatchObject({ error: { path: 'recipe.lines[0].lotId' } });
    expect((await tester.post('/blends', { ...body, recipe: { ...recipe, lines: [] } })).body).toMatchObject({
      error: { path: 'recipe.lines' },
    });
  });
});
