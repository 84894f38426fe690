import { WAITING_HEADER, type BenchComputer } from '@bent-pail/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';
import { Watch } from './watch';

describe('the page of the bench computer', () => {
  let server: TestServer;
  let lead: Client;
  beforeAll(async () => {
    server = await startTestServer();
    lead = await server.as('lead');
  });
  afterAll(() => server.close());
  const page = async (who: Client = lead): Promise<BenchComputer> =>
    (await who.get<BenchComputer>('/bench-computer')).body;

  it('tells version, room, PostgreSQL and how many servers there are', async () => {
    const alone = await page();
    expect(alone).toMatchObject({ version: expect.stringMatching(/^\d/) as string, servers: 1, cardsWaiting: 0 });
    expect(alone.postgres).toMatch(/^\d+/);
    expect(alone.notebook_bytes).toBeGreaterThan(1e6);
    expect(alone.disk?.free_bytes).toBeGreaterThan(0);
    expect(alone.memory_bytes).toBeGreaterThan(1e7);
    expect(alone.lastBackup).toBeUndefined();
    const other = await startTestServer({ beside: server });
    expect((await page()).servers).toBe(2);
    await other.close();
    await lead.post('/backups');
    expect((await page()).lastBackup?.kind).toBe('by-hand');
  });

  it('is a lead’s', async () => {
    for (const role of ['tester', 'reader', 'panellist'] as const)
      expect((await (await server.as(role)).get('/bench-computer')).status).toBe(403);
  });

  it('tells whose browsers hold readings back, until they hold none', async () => {
    const tester = await server.as('tester');
    const say = (n: string) => tester.send('GET', '/counts', undefined, { [WAITING_HEADER]: n });
    await say('3');
    expect((await page()).waiting).toMatchObject([{ name: tester.me.name, readings: 3 }]);
    await say('<b>');
    expect((await page()).waiting).toMatchObject([{ readings: 3 }]);
    await say('0');
    expect((await page()).waiting).toEqual([]);
  });

  it('tells what went wrong, by the route and never by what was sent', async () => {
    await server.db.query('alter table edits rename to edits_away');
    const run = '0190f000-0000-7000-8000-000000000000';
    const answer = await lead.get(`/history?person=${run}`);
    await server.db.query('alter table edits_away rename to edits');
    expect(answer.status).toBe(500);
    const [trouble] = (await page()).troubles;
    expect(trouble).toMatchObject({ route: 'GET /history', times: 1, requestId: answer.headers.get('x-request-id') });
    expect(JSON.stringify(trouble)).not.toContain(run);
  });
});

describe('what a server remembers of itself', () => {
  it('is one line a kind, the longest and the newest first, and never more than so many', () => {
    const watch = new Watch();
    const at = (i: number) => new Date(i).toISOString();
    for (let i = 0; i < 500; i += 1) {
      watch.answered(`GET /${String(i)}`, 300 + i, at(i));
      watch.trouble({ words: `trouble ${String(i)}`, at: at(i) });
      watch.holds({ userId: String(i), readings: 1, at: at(i) });
    }
    watch.answered('GET /499', 310, at(900));
    watch.answered('GET /quick', 20, at(1));
    watch.trouble({ words: 'trouble 499', at: at(901) });
    expect(watch.slowest).toHaveLength(10);
    expect(watch.slowest[0]).toEqual({ route: 'GET /499', longest_ms: 799, at: at(499), times: 2 });
    expect(watch.troubles).toHaveLength(30);
    expect(watch.troubles[0]).toMatchObject({ words: 'trouble 499', times: 2, at: at(901) });
    expect(watch.heldBack).toHaveLength(200);
    expect(watch.heldBack[0]?.userId).toBe('499');
  });
});
