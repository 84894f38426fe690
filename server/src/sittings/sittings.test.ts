import type { Page, RaterSheet, ScorecardPage, ScorecardRow, SheetRow, SittingPage } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { putOnShelf } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

type Person = Awaited<ReturnType<TestServer['as']>>;

let server: TestServer;
let lead: Person;
let tester: Person;
let one: Person;
let two: Person;
let lots: string[];

const NAMES = ['Moorland Mix', 'Fellside Fill', 'Becks Bark'];

beforeAll(async () => {
  server = await startTestServer();
  lead = await server.as('lead');
  tester = await server.as('tester');
  one = await server.as('panellist');
  two = await server.as('panellist');
  lots = [];
  for (const name of NAMES) lots.push((await putOnShelf(tester, { name })).lotId);
});
afterAll(() => server.close());

interface Opened {
  readonly id: string;
  readonly cards: readonly string[];
}

async function open(by: Client, raters: readonly Person[], more: object = {}): Promise<Opened> {
  const id = uuidv7();
  const samples = lots.map((lotId) => ({ id: uuidv7(), lotId }));
  const raterIds = raters.map(({ me }) => me.id);
  const answer = await by.post('/sittings', { id, rubric: 'pots-all-round', samples, raterIds, ...more });
  expect(answer.body).toEqual({ id });
  return { id, cards: samples.map((sample) => sample.id) };
}

const rate = (by: Client, card: string, criterion: string, value: number, more: object = {}) =>
  by.send<RaterSheet>('PUT', `/sheets/${card}/ratings/${criterion}`, { value, tags: [], ...more });

async function rateAll(by: Client, cards: readonly string[], value: number): Promise<void> {
  for (const card of cards) {
    for (const criterion of ['smell', 'look', 'feel']) await rate(by, card, criterion, value);
    expect((await by.post(`/sheets/${card}/hand-in`)).status).toBe(200);
  }
}

const page = async (by: Client, id: string): Promise<SittingPage> => {
  const { status, body } = await by.get<SittingPage>(`/sittings/${id}`);
  expect(status).toBe(200);
  return body;
};
const sheet = async (by: Client, card: string): Promise<RaterSheet> =>
  (await by.get<RaterSheet>(`/sheets/${card}`)).body;

describe('a sitting', () => {
  it('draws codes that are all different, and gives each rater an order of their own that goes from sheet to sheet', async () => {
    const { id, cards } = await open(lead, [one, two]);
    const { samples } = await page(lead, id);
    expect(new Set(samples.map(({ sampleCode }) => sampleCode)).size).toBe(3);
    for (const rater of [one, two]) {
      const own = await Promise.all(cards.map((card) => sheet(rater, card)));
      expect(own.map(({ place }) => place).sort((a, b) => a - b)).toEqual([1, 2, 3]);
      const first = own.find(({ place }) => place === 1) as RaterSheet;
      expect(first.next?.scorecardId).toBe(own.find(({ place }) => place === 2)?.scorecardId);
      const listed = (await rater.get<Page<SheetRow>>('/sheets?state=out')).body.rows.filter(({ scorecardId }) =>
        cards.includes(scorecardId),
      );
      expect(listed.map(({ scorecardId }) => scorecardId)).toEqual(
        [...own].sort((a, b) => a.place - b.place).map(({ scorecardId }) => scorecardId),
      );
    }
  });

  it('opens for all its samples at once, and not while one sheet of one of them is out', async () => {
    const { id, cards } = await open(lead, [one, two]);
    await rateAll(one, cards, 8.5);
    await rateAll(two, cards.slice(0, 2), 6);
    const first = (): Promise<ScorecardPage> =>
      lead.get<ScorecardPage>(`/scorecards/${cards[0] as string}`).then(({ body }) => body);
    expect((await first()).row.revealed).toBe(false);
    expect((await first()).card.result.missing).toContain('smell');
    expect(
      (await page(lead, id)).raters.map(({ handedIn, marked, toMark }) => [handedIn.length, marked, toMark]),
    ).toEqual(
      expect.arrayContaining([
        [3, 9, 9],
        [2, 6, 9],
      ]),
    );
    await rateAll(two, cards.slice(2), 6);
    expect((await first()).row.revealed).toBe(true);
    expect((await first()).card.criteria.find(({ criterion }) => criterion.name === 'smell')?.score).toBe(7.25);
    // 8.5 and 6 are further apart than what need not be talked about, three times on each sample.
    expect((await page(lead, id)).samples.map(({ toAgree }) => toAgree)).toEqual([3, 3, 3]);
  });

  it('takes no code twice, no lot that is not there, no rater who may not rate', async () => {
    const reader = await server.as('reader');
    const [a, b] = [uuidv7(), uuidv7()];
    const good = { id: uuidv7(), rubric: 'pots-all-round', raterIds: [one.me.id] };
    const samples = [
      { id: a, lotId: lots[0], sampleCode: 'K7' },
      { id: b, lotId: lots[1], sampleCode: 'K7' },
    ];
    const warmUp = { sampleCode: 'W1', what: 'sieved leaf mould', known: [{ criterion: 'air', value: 5 }] };
    for (const [wrong, path] of [
      [{ samples }, 'samples'],
      [{ samples: [{ id: a, lotId: uuidv7() }] }, 'samples[0].lotId'],
      [{ samples: samples.slice(1), raterIds: [reader.me.id] }, 'raterIds'],
      [{ samples: samples.slice(1), warmUp }, 'warmUp.known[0].criterion'],
      [{ samples: [] }, 'samples'],
    ] as const)
      expect((await lead.post('/sittings', { ...good, ...wrong })).body).toMatchObject({ error: { path } });
  });

  it('keeps what raters say in their own words, for when it is open', async () => {
    const { cards } = await open(lead, [one]);
    const [first] = cards as [string];
    await rate(one, first, 'smell', 4, { words: ' like a wet shed ' });
    expect((await sheet(one, first)).ratings[0]).toMatchObject({ words: 'like a wet shed' });
    await rate(one, first, 'smell', 4, { words: 'like a wet shed' });
    for (const criterion of ['look', 'feel']) await rate(one, first, criterion, 5);
    await one.post(`/sheets/${first}/hand-in`);
    await rateAll(one, cards.slice(1), 5);
    const { card } = (await lead.get<ScorecardPage>(`/scorecards/${first}`)).body;
    expect(card.criteria.find(({ criterion }) => criterion.name === 'smell')?.raters[0]?.words).toBe('like a wet shed');
  });
});

describe('raters who are late or missing', () => {
  it('one may come late, until the marks are open', async () => {
    const { id, cards } = await open(lead, [one]);
    expect((await tester.post(`/sittings/${id}/raters`, { raterId: one.me.id })).body).toMatchObject({
      error: { path: 'raterId' },
    });
    expect((await tester.post(`/sittings/${id}/raters`, { raterId: two.me.id })).status).toBe(201);
    await rateAll(one, cards, 7);
    expect((await page(lead, id)).revealed).toBe(false);
    await rateAll(two, cards, 7);
    expect((await page(lead, id)).revealed).toBe(true);
    const late = await server.as('panellist');
    expect((await tester.post(`/sittings/${id}/raters`, { raterId: late.me.id })).status).toBe(409);
  });

  it('goes on without one who does not come: what they handed in counts, what they only began does not', async () => {
    const { id, cards } = await open(lead, [one, two]);
    const [first, second] = cards as [string, string, string];
    await rateAll(one, cards, 8);
    await rateAll(two, [first], 6);
    await rate(two, second, 'smell', 1);
    const excused = `/sittings/${id}/raters/${two.me.id}/excused`;
    expect((await tester.post(excused, { reason: '' })).body).toMatchObject({ error: { path: 'reason' } });
    expect((await tester.post(excused, { reason: 'has a cold' })).status).toBe(200);
    const smell = async (card: string): Promise<number | undefined> =>
      (await lead.get<ScorecardPage>(`/scorecards/${card}`)).body.card.criteria.find(
        ({ criterion }) => criterion.name === 'smell',
      )?.score;
    expect([await smell(first), await smell(second)]).toEqual([7, 8]);
    expect((await page(lead, id)).raters.find((rater) => rater.id === two.me.id)?.excused).toBe('has a cold');
    expect((await rate(two, second, 'smell', 9)).status).toBe(409);
    expect((await sheet(two, second)).excused).toBe('has a cold');
    expect((await tester.post(excused, { reason: 'again' })).status).toBe(409);
    expect(
      (await two.get<Page<SheetRow>>('/sheets?state=out')).body.rows.map(({ scorecardId }) => scorecardId),
    ).not.toEqual(expect.arrayContaining([second]));
  });
});

describe('who knows what is behind a code', () => {
  const cardsOf = async (by: Client, asked: string): Promise<readonly ScorecardRow[]> =>
    (await by.get<Page<ScorecardRow>>(`/scorecards?limit=100${asked}`)).body.rows;

  it('whoever opened it and rates is marked as not blind', async () => {
    const { id } = await open(tester, [tester, one]);
    const [own, other] = [tester, one].map((person) => person.me.id);
    const { raters } = await page(tester, id);
    expect(raters.find((rater) => rater.id === own)?.knows.map(({ reason }) => reason)).toEqual(
      Array(3).fill('opened the sitting'),
    );
    expect(raters.find((rater) => rater.id === other)?.knows).toEqual([]);
  });

  it('a tester who rates learns it from no list, search, filter, order, ranking or page', async () => {
    const { id, cards } = await open(lead, [tester, one]);
    const [first] = cards as [string];
    const at = lots.indexOf(lots[0] as string);
    expect((await tester.get(`/scorecards/${first}`)).body).toMatchObject({ error: { code: 'blind' } });
    const ours = (rows: readonly ScorecardRow[]): ScorecardRow[] => rows.filter((row) => cards.includes(row.id));
    expect(ours(await cardsOf(tester, ''))).toHaveLength(3);
    for (const row of ours(await cardsOf(tester, ''))) expect(row).not.toHaveProperty('product');
    expect(JSON.stringify(ours(await cardsOf(tester, '')))).not.toMatch(/Moorland|overall/);
    expect(ours(await cardsOf(tester, `&find=${NAMES[at] as string}`))).toEqual([]);
    expect(ours(await cardsOf(tester, `&lot=${lots[0] as string}`))).toEqual([]);
    expect(JSON.stringify(await page(tester, id))).not.toContain('Moorland');
    const ranked = JSON.stringify((await tester.get('/rubrics/pots-all-round/ranking')).body);
    for (const card of cards) expect(ranked).not.toContain(card);
    // Somebody who does not rate sees all of that.
    expect(ours(await cardsOf(lead, `&lot=${lots[0] as string}`))).toHaveLength(1);
    expect(JSON.stringify(await page(lead, id))).toContain('Moorland');
  });

  it('a rater may say so, is marked for good, and sees the card once in', async () => {
    const { id, cards } = await open(lead, [tester, one]);
    const [first] = cards as [string];
    expect((await tester.post(`/sheets/${first}/known`, { reason: '' })).body).toMatchObject({
      error: { path: 'reason' },
    });
    await tester.post(`/sheets/${first}/known`, { reason: 'filled the cups' });
    await tester.post(`/sheets/${first}/known`, { reason: 'on second thoughts not' });
    expect((await sheet(tester, first)).knows).toBe('filled the cups');
    expect((await tester.get(`/scorecards/${first}`)).status).toBe(403);
    await rateAll(tester, [first], 6);
    const { status, body } = await tester.get<ScorecardPage>(`/scorecards/${first}`);
    expect(status).toBe(200);
    expect(body.card.result.missing).toContain('smell');
    expect(body.row.raters.find((rater) => rater.id === tester.me.id)?.knows).toBe('filled the cups');
    expect((await page(lead, id)).raters.flatMap(({ knows }) => knows)).toEqual([
      { cardId: first, reason: 'filled the cups' },
    ]);
  });
});

describe('a warm-up', () => {
  const warmUp = {
    sampleCode: 'W1',
    what: 'leaf mould of two years',
    known: [
      { criterion: 'smell', value: 8 },
      { criterion: 'feel', value: 7 },
    ],
  };
  const warm = (by: Client, card: string, criterion: string, value: number) =>
    by.send<RaterSheet>('PUT', `/sheets/${card}/warm-up/${criterion}`, { value });

  it('shows what is known with the last mark, to this rater alone until the reveal', async () => {
    const { id, cards } = await open(lead, [one, two], { warmUp });
    const [first] = cards as [string];
    expect(JSON.stringify((await warm(one, first, 'smell', 5)).body)).not.toContain('"known"');
    expect((await warm(one, first, 'look', 5)).status).toBe(404);
    const { body } = await warm(one, first, 'feel', 5.5);
    expect(body.warmUp).toMatchObject({ known: warmUp.known, said: { off: 2.25, lean: -2.25 } });
    expect((await warm(one, first, 'feel', 7)).status).toBe(409);
    const said = async (): Promise<(number | undefined)[]> =>
      (await page(lead, id)).raters.map((rater) => rater.warmUp?.off);
    expect(await said()).toEqual([undefined, undefined]);
    await rateAll(one, cards, 6);
    await rateAll(two, cards, 6);
    expect(await said()).toEqual(expect.arrayContaining([2.25, undefined]));
  });
});
