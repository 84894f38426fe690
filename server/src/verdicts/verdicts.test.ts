import type { VerdictRow } from '@bent-pail/contract';
import { VERDICT_TABLE } from '@bent-pail/core';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

const LINE = 'weedsPerL.seed.2';
const change = { id: LINE, version: 0, from: 1, says: 'not', because: 'A weed a litre is one too many here.' };

describe('the table of verdicts', () => {
  let server: TestServer;
  let lead: Client;
  let tester: Client;
  beforeAll(async () => {
    server = await startTestServer();
    lead = await server.as('lead');
    tester = await server.as('tester');
  });
  afterAll(() => server.close());
  const lines = async (): Promise<VerdictRow[]> => (await tester.get<VerdictRow[]>('/verdicts')).body;
  const line = async (id = LINE): Promise<VerdictRow | undefined> => (await lines()).find((one) => one.id === id);
  beforeEach(async () => {
    if ((await line())?.changed !== undefined) await lead.send('DELETE', `/verdicts/${LINE}`);
  });

  it('is as it ships until a lead changes a line, and again when it is given back', async () => {
    expect(await lines()).toEqual(VERDICT_TABLE.map((one) => ({ ...one, version: 0 })));
    await lead.post('/verdicts', change);
    const { says, from, because } = change;
    expect(await line()).toMatchObject({
      says,
      from,
      because,
      version: 1,
      changed: { at: '2026-11-24T08:00:00.000Z' },
    });
    // The line before it ends where this one begins.
    expect(await line('weedsPerL.seed.1')).toMatchObject({ below: 1 });
    await lead.send('DELETE', `/verdicts/${LINE}`);
    expect(await line()).toEqual({ ...VERDICT_TABLE.find(({ id }) => id === LINE), version: 2 });
    expect((await lead.send('DELETE', `/verdicts/${LINE}`)).status).toBe(404);
  });

  it('takes the same change twice for one, and another on an old version not at all', async () => {
    const version = (await line())?.version ?? 0;
    await lead.post('/verdicts', { ...change, version });
    await lead.post('/verdicts', { ...change, version });
    expect((await line())?.version).toBe(version + 1);
    expect((await lead.post('/verdicts', { ...change, version, says: 'good' })).status).toBe(409);
  });

  it.each([
    ['past its neighbour', { from: 2 }, 'from'],
    ['unknown', { id: 'weedsPerL.roof.1' }, 'id'],
    ['without a why', { because: '' }, 'because'],
    ['of no grade', { says: 'fine' }, 'says'],
  ])('refuses a line %s at its place', async (_what, wrong, path) => {
    const answer = await lead.post<{ error: { path: string } }>('/verdicts', { ...change, ...wrong });
    expect(answer.status).toBe(422);
    expect(answer.body.error.path).toBe(path);
  });

  it('takes a line of the notebook’s own, and lets it go again', async () => {
    const own = {
      id: 'weedsPerL.seed.own-3f2a91c4',
      version: 0,
      from: 1.5,
      says: 'not',
      because: 'Weeded by hand here.',
    };
    const added = await lead.post<VerdictRow[]>('/verdicts', own);
    expect(added.body).toHaveLength(VERDICT_TABLE.length + 1);
    const { because, from } = own;
    expect(await line(own.id)).toMatchObject({ property: 'weedsPerL', use: 'seed', from, because, version: 1 });
    expect((await tester.post('/verdicts', { ...own, id: 'weedsPerL.seed.own-00000001' })).status).toBe(403);
    expect((await lead.send('DELETE', `/verdicts/${own.id}`)).status).toBe(200);
    expect(await line(own.id)).toBeUndefined();
    expect(await lines()).toHaveLength(VERDICT_TABLE.length);
  });

  it('is changed by a lead only', async () => {
    expect((await tester.post('/verdicts', change)).status).toBe(403);
    expect((await tester.send('DELETE', `/verdicts/${LINE}`)).status).toBe(403);
  });
});
