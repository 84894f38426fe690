import { ROLES, type Role, type SittingPage } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { TABLES } from '../together';
import { liveRoutes } from '../testing/liveRoutes';
import { putOnShelf } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

type Person = Awaited<ReturnType<TestServer['as']>>;

/** Marks, tags and words that stand nowhere else in an answer. */
const MARKS = { smell: 9.5, look: 8.5, feel: 9.5 } as const;
const TAG = 'chemical';
const WORDS = 'zebra stable at noon';

let server: TestServer;
let rater: Person;
let sittingId: string;
let cards: readonly string[];
let lotIds: readonly string[];
const askers = new Map<string, Client>();

async function mark(by: Client, card: string): Promise<void> {
  for (const [criterion, value] of Object.entries(MARKS)) {
    const tags = criterion === 'smell' ? [TAG] : [];
    const { status } = await by.send('PUT', `/sheets/${card}/ratings/${criterion}`, { value, tags, words: WORDS });
    expect(status).toBe(200);
  }
}

beforeAll(async () => {
  server = await startTestServer();
  for (const role of ROLES) askers.set(role, await server.as(role));
  const lead = askers.get('lead') as Client;
  rater = await server.as('panellist');
  const other = await server.as('panellist');
  const blindTester = await server.as('tester');
  askers.set('the other rater', other);
  askers.set('a tester who rates', blindTester);
  lotIds = [(await putOnShelf(lead, { name: 'Moorland' })).lotId, (await putOnShelf(lead, { name: 'Fellside' })).lotId];
  sittingId = uuidv7();
  cards = lotIds.map(() => uuidv7());
  const samples = cards.map((id, i) => ({ id, lotId: lotIds[i] }));
  const raterIds = [rater, other, blindTester].map(({ me }) => me.id);
  const known = [{ criterion: 'smell', value: 6 }];
  const warmUp = { sampleCode: 'B9', what: 'leaf mould', known };
  await lead.post('/sittings', { id: sittingId, rubric: 'pots-all-round', samples, raterIds, warmUp });
  await rater.send('PUT', `/sheets/${cards[0] as string}/warm-up/smell`, { value: 9.5 });
  for (const card of cards) await mark(rater, card);
  // One sample is in, the other is marked and not handed in.
  await rater.post(`/sheets/${cards[0] as string}/hand-in`);
});
afterAll(() => server.close());

/** What could stand in an address, by what stands before it: every one is tried. */
function addressesOf(address: string): string[] {
  if (!address.includes(':')) return [address];
  const ids = [sittingId, ...cards, ...lotIds, rater.me.id];
  const parts: Readonly<Record<string, readonly string[]>> = {
    ':criterion': ['smell'],
    ':key': ['pots-all-round', 'seed-and-plugs', 'beds'],
    ':name': TABLES.map(({ name }) => `${name}.csv`),
  };
  const fill = (rest: string): string[] => {
    const part = /:\w+/.exec(rest)?.[0];
    if (part === undefined) return [rest];
    return (parts[part] ?? ids).flatMap((value) => fill(rest.replace(part, value)));
  };
  return fill(address);
}

/** Traces of a mark in an answer. */
function tracesIn(body: unknown): string[] {
  const text = typeof body === 'string' ? body : JSON.stringify(body ?? '');
  const traces = [WORDS, `["${TAG}"]`].filter((trace) => text.includes(trace));
  if (
    /"value":(9\.5|8\.5)\b/.test(text) ||
    /"raters":\[(9\.5|8\.5)/.test(text) ||
    /"marks":\[[^\]]*(9\.5|8\.5)/.test(text)
  )
    traces.push('a mark');
  if (text.includes('"off":3.5')) traces.push('a warm-up');
  return traces;
}

async function walk(by = [...askers.keys()]): Promise<{ readonly asked: number; readonly found: string[] }> {
  const gets = liveRoutes(server.app).filter(({ method }) => method === 'GET');
  const found: string[] = [];
  let asked = 0;
  for (const who of by)
    for (const { address } of gets)
      for (const filled of addressesOf(address)) {
        const { status, body } = await (askers.get(who) as Client).get(filled);
        asked += 1;
        if (status >= 500) found.push(`${who} ${filled} breaks`);
        found.push(...tracesIn(body).map((trace) => `${who} ${filled}: ${trace}`));
      }
  return { asked, found };
}

/** What a live stream says while somebody marks. */
async function heard(client: Client, meanwhile: () => Promise<void>): Promise<string> {
  const stop = new AbortController();
  const reader = (await client.stream('/live', stop.signal)).getReader();
  const decoder = new TextDecoder();
  let text = decoder.decode((await reader.read()).value);
  const reading = (async () => {
    for (;;) {
      const { value, done } = await reader.read();
      if (done) return;
      text += decoder.decode(value);
      if (text.includes('event: sitting')) return;
    }
  })();
  await meanwhile();
  await Promise.race([reading, new Promise((resolve) => setTimeout(resolve, 3000))]);
  stop.abort();
  return text;
}

describe('before the reveal', () => {
  it('no route answers anybody with a mark, a tag or a word of another, lead included', async () => {
    const { asked, found } = await walk();
    expect(asked).toBeGreaterThan(300);
    expect(found).toEqual([]);
  });

  it('no total rests on a mark', async () => {
    const lead = askers.get('lead') as Client;
    const before = JSON.stringify((await lead.get(`/scorecards/${cards[0] as string}`)).body);
    await rater.send('PUT', `/sheets/${cards[1] as string}/ratings/smell`, { value: 0, tags: [] });
    expect(JSON.stringify((await lead.get(`/scorecards/${cards[0] as string}`)).body)).toBe(before);
    await mark(rater, cards[1] as string);
  });

  it('the stream says that somebody got on, and of which sitting, nothing else', async () => {
    const text = await heard(askers.get('lead') as Client, async () => {
      const other = askers.get('the other rater') as Client;
      await other.send('PUT', `/sheets/${cards[0] as string}/ratings/smell`, { value: 8.5, tags: [TAG], words: WORDS });
    });
    expect(text).toContain(`event: sitting\ndata: ${sittingId}`);
    expect(tracesIn(text)).toEqual([]);
    expect(text).not.toMatch(/smell|8\.5|9\.5/);
  });

  it('a refusal says nothing of what others marked', async () => {
    const findings: string[] = [];
    for (const [who, client] of askers) {
      for (const { method, address } of liveRoutes(server.app).filter((one) => one.address.startsWith('/sheets/'))) {
        if (method === 'GET') continue;
        for (const card of cards) {
          const { body } = await client.send(method, address.replace(':id', card).replace(':criterion', 'air'), {});
          findings.push(...tracesIn(body).map((trace) => `${who} ${method} ${address}: ${trace}`));
        }
      }
    }
    expect(findings).toEqual([]);
  });

  it('the walk would find them: after the reveal it does', async () => {
    const lead = askers.get('lead') as Client;
    for (const name of ['the other rater', 'a tester who rates']) {
      const { raters } = (await lead.get<SittingPage>(`/sittings/${sittingId}`)).body;
      const out = raters.filter(({ id, excused }) => id !== rater.me.id && excused === undefined);
      expect(out.length, name).toBeGreaterThan(0);
      await lead.post(`/sittings/${sittingId}/raters/${String(out[0]?.id)}/excused`, { reason: 'went home' });
    }
    await rater.post(`/sheets/${cards[1] as string}/hand-in`);
    const { found } = await walk(['lead', 'panellist']);
    const kinds = (role: Role) => found.filter((one) => one.startsWith(`${role} `));
    expect(kinds('lead').some((one) => one.includes('/scorecards/') && one.endsWith(WORDS))).toBe(true);
    expect(kinds('lead').some((one) => one.includes('/panel'))).toBe(true);
    expect(kinds('lead').some((one) => one.includes('/ranking'))).toBe(true);
    expect(kinds('lead').some((one) => one.endsWith('a warm-up'))).toBe(true);
    expect(kinds('panellist')).toEqual([]);
  });
});
