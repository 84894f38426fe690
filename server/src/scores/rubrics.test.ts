import type { RankingPage, RubricRow, ScorecardPage } from '@bent-pail/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { openSitting } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let lead: Client;
let tester: Client;
beforeAll(async () => {
  server = await startTestServer();
  [lead, tester] = [await server.as('lead'), await server.as('tester')];
});
afterAll(() => server.close());

const PRICE = {
  label: 'Price',
  plain: 'a real litre',
  weight: 60,
  by: 'pricePerL',
  function: { type: 'bands', bands: [{ upTo: 0.2, score: 10 }, { score: 3 }] },
};
const SMELL = {
  label: 'Smell',
  plain: 'waft it',
  weight: 40,
  by: 'panel',
  function: { type: 'direct' },
  tags: ['sour'],
};

const own = (more: object = {}) => ({
  id: uuidv7(),
  version: 0,
  label: 'Our shop',
  use: 'any bag',
  container: { height_cm: 15 },
  aggregate: 'arithmetic',
  criteria: [PRICE, SMELL],
  caps: [{ criterion: 'Smell', below: 3, max: 5 }],
  ...more,
});
const keyOf = ({ id }: { readonly id: string }): string => `own-${id}`;

describe('rubrics', () => {
  it('begin with those that ship', async () => {
    const { body } = await tester.get<RubricRow[]>('/rubrics');
    expect(body.filter((row) => row.own === undefined).map(({ rubric }) => rubric.key)).toEqual(
      expect.arrayContaining(['pots-all-round', 'seed-and-plugs', 'beds']),
    );
  });

  it('of one’s own are made and changed by a lead, version by version; a card keeps its own', async () => {
    const said = own();
    expect((await lead.post('/rubrics', said)).status).toBe(201);
    const [materialId, lotId] = [uuidv7(), uuidv7()];
    await tester.post('/materials', { id: materialId, name: 'Hopwell', kind: 'product' });
    await tester.post('/lots', { id: lotId, materialId, code: 'H-1', price: 12, packVolume_L: 50 });
    const raters = [(await server.as('panellist')).me.id];
    const cardId = await openSitting(tester, lotId, raters, { rubric: keyOf(said) });
    const dearer = { ...PRICE, function: { type: 'line', at0: 0.4, at10: 0.1 } };
    expect((await lead.post('/rubrics', { ...said, version: 1, criteria: [dearer, SMELL] })).status).toBe(201);
    const { body: page } = await tester.get<ScorecardPage>(`/scorecards/${cardId}`);
    expect(page.rubric.version).toBe(1);
    // 0.24 a litre lies in the last band.
    expect(page.card.criteria[0]?.score).toBe(3);
    const { body: row } = await tester.get<RubricRow>(`/rubrics/${keyOf(said)}`);
    expect(row).toMatchObject({ cards: 1, rubric: { version: 2, label: 'Our shop' }, own: {} });
  });

  it('sent twice are one version; changed on an old one they are a conflict', async () => {
    const said = own();
    await lead.post('/rubrics', said);
    expect((await lead.post('/rubrics', said)).status).toBe(201);
    expect((await lead.get<RubricRow>(`/rubrics/${keyOf(said)}`)).body.rubric.version).toBe(1);
    expect((await lead.post('/rubrics', { ...said, label: 'Other' })).status).toBe(409);
  });

  it.each([
    [{ criteria: [] }, 'criteria'],
    [{ criteria: [{ ...PRICE, by: 'charm' }, SMELL] }, 'criteria[0].by'],
    [{ criteria: [{ ...PRICE, function: { type: 'line', at0: 1 } }, SMELL] }, 'criteria[0].function'],
    [{ criteria: [{ ...PRICE, function: { type: 'bands', bands: [] } }, SMELL] }, 'criteria[0].function.bands'],
    [
      { criteria: [PRICE, { ...SMELL, function: { type: 'line', at0: 0, at10: 10 } }], caps: [] },
      'criteria[1].function',
    ],
    [{ caps: [{ criterion: 'Charm', below: 2, max: 3 }] }, 'caps[0].criterion'],
    [{ label: '' }, 'label'],
  ])('that cannot judge are refused at their field: %#', async (wrong, path) => {
    const { status, body } = await lead.post('/rubrics', own(wrong));
    expect(status).toBe(422);
    expect(body).toMatchObject({ error: { path } });
  });

  it('see every judged product, whichever rubric its card was made with; no mark before all are in', async () => {
    const [materialId, lotId] = [uuidv7(), uuidv7()];
    const panellist = await server.as('panellist');
    await tester.post('/materials', { id: materialId, name: 'Fell', kind: 'product' });
    await tester.post('/lots', { id: lotId, materialId, code: 'F-1', price: 10, packVolume_L: 50 });
    const cardId = await openSitting(tester, lotId, [panellist.me.id]);
    for (const criterion of ['smell', 'look', 'feel'])
      await panellist.send('PUT', `/sheets/${cardId}/ratings/${criterion}`, { value: 7.5, tags: [] });
    const byBeds = async () => {
      const { body, status } = await tester.get<RankingPage>('/rubrics/beds/ranking');
      expect(status).toBe(200);
      return body.products.find((one) => one.lotId === lotId);
    };
    expect(JSON.stringify(await byBeds())).not.toContain('7.5');
    expect((await panellist.post(`/sheets/${cardId}/hand-in`)).status).toBe(200);
    const found = await byBeds();
    expect(found).toMatchObject({ cardId, name: 'Fell, F-1' });
    expect(found?.criteria.find(({ name }) => name === 'smell')?.raters).toEqual([7.5]);
    expect(found?.criteria.find(({ name }) => name === 'price')?.value).toBeCloseTo(0.2, 9);
    expect(found?.criteria.find(({ name }) => name === 'weeds')).toBeUndefined();
    expect((await panellist.get('/rubrics/beds/ranking')).status).toBe(403);
  });

  it('are read by whoever judges, and written by nobody but a lead', async () => {
    expect((await tester.post('/rubrics', own())).status).toBe(403);
    expect((await (await server.as('panellist')).get('/rubrics')).status).toBe(403);
    expect((await tester.get('/rubrics/none')).status).toBe(404);
  });
});
