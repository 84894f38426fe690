import type { ClaimsPage, ClaimsRow, NewClaimsSheet, Page, ScorecardPage } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { openSitting } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Awaited<ReturnType<TestServer['as']>>;
let lead: Client;

beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
  lead = await server.as('lead');
});
afterAll(() => server.close());

async function bag(name: string, code = 'B-1', material = uuidv7()): Promise<{ lotId: string; materialId: string }> {
  const lotId = uuidv7();
  await tester.post('/materials', { id: material, name, kind: 'product' });
  const { status } = await tester.post('/lots', { id: lotId, materialId: material, code, price: 9, packVolume_L: 50 });
  expect(status).toBe(201);
  return { lotId, materialId: material };
}

const sheet = (more: Partial<NewClaimsSheet> = {}): NewClaimsSheet => ({
  id: uuidv7(),
  version: 0,
  productKind: 'compost',
  source: 'label',
  text: 'Heated to 65 °C. Screened to 10 mm. 50 L',
  claims: [
    { text: '50 L', kind: 'volume', verdict: 'notSupported', evidence: 'measured', because: 'Short by 14 %.' },
    { text: 'Screened to 10 mm', kind: 'process', verdict: 'supported', evidence: 'once' },
    { text: 'Living microbes', kind: 'performance', verdict: 'cannotTest' },
  ],
  answers: [{ key: 'weeds', askedOn: '2026-11-20', said: 'Tested by cress', saidOn: '2026-11-22' }],
  interest: 'given',
  interestWords: 'two bags from the maker',
  ...more,
});

const keep = (lotId: string, body: object) => tester.post<ClaimsPage>(`/lots/${lotId}/claims`, body);

describe('a claims sheet', () => {
  it('is kept version by version, with what is claimed, answered and who has an interest in it', async () => {
    const { lotId } = await bag('Hopwell');
    const empty = (await tester.get<ClaimsPage>(`/lots/${lotId}/claims`)).body;
    expect(empty).toEqual({ lotId, name: 'Hopwell', code: 'B-1', before: [] });
    const first = sheet();
    const { status, body } = await keep(lotId, first);
    expect(status).toBe(201);
    const { id: _id, version: _version, ...said } = first;
    expect(body.sheet).toMatchObject({ ...said, version: 1, by: tester.me.name });
    // One of two stands; heat, screen, volume and weeds of nine things are said.
    expect(body.share).toMatchObject({ borneOut: 0.5, judged: 2 });
    expect(body.share?.said).toBeCloseTo(4 / 9, 9);
    expect((await keep(lotId, first)).body.sheet?.version).toBe(1);
    const next = await keep(lotId, sheet({ version: 1, claims: [] }));
    expect(next.body.sheet?.version).toBe(2);
    expect(next.body.before).toMatchObject([{ version: 1, by: tester.me.name }]);
  });

  it('loses nobody’s change: an older version is refused, the same id with other words too', async () => {
    const { lotId } = await bag('Scarp');
    const first = sheet();
    await keep(lotId, first);
    expect((await keep(lotId, sheet())).status).toBe(409);
    expect((await keep(lotId, { ...first, text: 'Other words' })).status).toBe(409);
    expect((await keep(uuidv7(), sheet())).status).toBe(404);
  });

  it.each<[object, string]>([
    [{ productKind: 'cake' }, 'productKind'],
    [{ interest: undefined }, 'interest'],
    [{ claims: [{ text: '', kind: 'volume' }] }, 'claims[0].text'],
    [{ claims: [{ text: 'x', kind: 'volume', verdict: 'maybe' }] }, 'claims[0].verdict'],
    [{ answers: [{ key: 'heat', saidOn: 'yesterday' }] }, 'answers[0].saidOn'],
    [{ text: 'x'.repeat(9000) }, 'text'],
  ])('refuses %j at its field', async (wrong, path) => {
    const { lotId } = await bag('Tarn');
    expect((await keep(lotId, { ...sheet(), ...wrong })).body).toMatchObject({ error: { path } });
  });

  it('has the words of another lot of the product beside it', async () => {
    const { lotId, materialId } = await bag('Ghyll');
    await keep(lotId, sheet());
    const second = uuidv7();
    await tester.post('/lots', { id: second, materialId, code: 'B-2' });
    const { other } = (await tester.get<ClaimsPage>(`/lots/${second}/claims`)).body;
    expect(other).toEqual({ lotId, code: 'B-1', text: sheet().text });
  });

  it('stands in the list of products, found, filtered and page by page', async () => {
    const { lotId } = await bag('Zennor');
    const rows = async (asked: string) =>
      (await tester.get<Page<ClaimsRow>>(`/claims${asked}`)).body.rows.filter((row) => row.name === 'Zennor');
    expect(await rows('?find=zennor&state=none')).toEqual([
      { lotId, name: 'Zennor', code: 'B-1', claims: 0, supported: 0, notSupported: 0, untested: 0, open: 0 },
    ]);
    await keep(lotId, sheet());
    expect(await rows('?find=zennor&state=none')).toEqual([]);
    expect(await rows('?find=zennor&state=kept')).toMatchObject([
      { version: 1, claims: 3, supported: 1, notSupported: 1, untested: 1, open: 0, interest: 'given' },
    ]);
    const first = (await tester.get<Page<ClaimsRow>>('/claims?limit=1')).body;
    expect(first.rows).toHaveLength(1);
    expect(first.next).toBeDefined();
  });

  it('is only added to in the database', async () => {
    const { lotId } = await bag('Wold');
    await keep(lotId, sheet());
    await expect(server.db.query(`update claims_sheets set version = 9 where lot_id = '${lotId}'`)).rejects.toThrow();
    await expect(server.db.query(`delete from claims_sheets where lot_id = '${lotId}'`)).rejects.toThrow();
  });
});

describe('what is said of a product on its card', () => {
  const rubric = async (): Promise<string> => {
    const id = uuidv7();
    const line = { type: 'line', at0: 0, at10: 1 };
    const base = { plain: 'x', weight: 10 };
    const said = await lead.post('/rubrics', {
      id,
      version: 0,
      label: `Told ${id}`,
      use: 'pot 15 cm',
      container: { height_cm: 15 },
      aggregate: 'arithmetic',
      criteria: [
        { ...base, label: 'Words', by: 'claims', function: line },
        { ...base, label: 'Growth', by: 'growth', function: { type: 'direct' } },
        { ...base, label: 'No glass', by: 'must', weight: 0, function: { type: 'direct' } },
        { ...base, label: 'Food', by: 'nutrients-medium', function: line },
      ],
      caps: [{ criterion: 'No glass', below: 5, max: 2 }],
    });
    expect(said.status, JSON.stringify(said.body)).toBe(201);
    return `own-${id}`;
  };

  it('scores by its claims, by what grew, by musts; an override keeps what was worked out', async () => {
    const { lotId } = await bag('Fellgate');
    await keep(lotId, sheet());
    const card = await openSitting(tester, lotId, [tester.me.id], { rubric: await rubric() });
    // A panel that marks nothing is through as soon as its sheet is in.
    await tester.post(`/sheets/${card}/hand-in`);
    const points = (page: ScorecardPage, name: string) =>
      page.card.criteria.find(({ criterion }) => criterion.label === name);
    const page = (await tester.get<ScorecardPage>(`/scorecards/${card}`)).body;
    expect(points(page, 'Words')?.score).toBeCloseTo(10 * ((0.5 + 4 / 9) / 2), 9);
    expect(page.interest).toEqual({ kind: 'given', words: 'two bags from the maker' });
    expect(page.card.result.missing).toEqual(['Growth', 'No glass', 'Food']);

    const growth = { species: 'lettuce', week: 2, value: 8, tags: ['compact'] };
    expect((await tester.send('PUT', `/scorecards/${card}/growth`, growth)).status).toBe(200);
    await tester.send('PUT', `/scorecards/${card}/growth`, { ...growth, value: 7 });
    expect((await tester.send('PUT', `/scorecards/${card}/growth`, { ...growth, value: 7.3 })).body).toMatchObject({
      error: { path: 'value' },
    });
    expect((await tester.send('PUT', `/scorecards/${card}/growth`, { ...growth, tags: ['blue'] })).body).toMatchObject({
      error: { path: 'tags' },
    });
    const must = { id: uuidv7(), criterion: 'No glass', holds: false };
    const failed = (await tester.post<ScorecardPage>(`/scorecards/${card}/musts`, must)).body;
    expect(points(failed, 'Growth')?.score).toBe(7);
    expect(failed.card.result).toMatchObject({ overall: 2, cappedBy: 'No glass' });
    const held = await tester.post<ScorecardPage>(`/scorecards/${card}/musts`, { ...must, id: uuidv7(), holds: true });
    expect(held.body.card.result.cappedBy).toBeUndefined();
    expect(
      (await tester.post(`/scorecards/${card}/musts`, { ...must, id: uuidv7(), criterion: 'Words' })).body,
    ).toMatchObject({ error: { path: 'criterion' } });

    const override = { id: uuidv7(), criterion: 'Words', value: 2, reason: 'its answer was false' };
    expect((await tester.post(`/scorecards/${card}/overrides`, override)).status).toBe(403);
    const given = await lead.post<ScorecardPage>(`/scorecards/${card}/overrides`, override);
    expect(points(given.body, 'Words')).toMatchObject({ score: 2, override: { reason: 'its answer was false' } });
    expect(points(given.body, 'Words')?.override?.worked).toBeCloseTo(points(page, 'Words')?.score ?? 0, 9);
    const { value: _value, ...back } = override;
    const taken = await lead.post<ScorecardPage>(`/scorecards/${card}/overrides`, { ...back, id: uuidv7() });
    expect(points(taken.body, 'Words')?.override).toBeUndefined();
    const whole = await lead.post<ScorecardPage>(`/scorecards/${card}/overrides`, {
      id: uuidv7(),
      value: 9,
      reason: 'we like it',
    });
    expect(whole.body.card.override).toMatchObject({ value: 9, reason: 'we like it' });
    expect(whole.body.card.result.overall).toBe(taken.body.card.result.overall);
  });

  it('nothing is given instead of marks that are closed', async () => {
    const { lotId } = await bag('Rigg');
    const panellist = await server.as('panellist');
    const card = await openSitting(tester, lotId, [panellist.me.id]);
    const override = { id: uuidv7(), criterion: 'smell', value: 2, reason: 'no' };
    expect((await lead.post(`/scorecards/${card}/overrides`, override)).status).toBe(409);
    expect(
      (await tester.send('PUT', `/scorecards/${card}/growth`, { species: 'x', week: 2, value: 5, tags: [] })).body,
    ).toMatchObject({ error: { path: 'species' } });
  });

  it('says where each value lies among all products', async () => {
    const [one, two] = [await bag('Near'), await bag('Far')];
    const panellist = await server.as('panellist');
    const card = await openSitting(tester, one.lotId, [panellist.me.id]);
    await openSitting(tester, two.lotId, [panellist.me.id]);
    const { among } = (await tester.get<ScorecardPage>(`/scorecards/${card}`)).body;
    const price = among.find(({ criterion }) => criterion === 'price');
    expect(price?.others.length).toBeGreaterThan(0);
    expect(price?.others.every((value) => Math.abs(value - 0.18) < 1e-9)).toBe(true);
  });
});
