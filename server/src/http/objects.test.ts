import type { MadeAccessToken, Role } from '@bent-pail/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { openSitting, putOnShelf, startRun } from '../testing/bench';
import { beginClass } from '../testing/classes';
import { liveRoutes, type LiveRoute } from '../testing/liveRoutes';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

const PASSWORD = 'a pail of grey water';
let server: TestServer;
let lead: Client;
let routes: readonly LiveRoute[];
/** Ids of things of every kind that are there. */
let ids: readonly string[];

beforeAll(async () => {
  server = await startTestServer();
  lead = await server.as('lead');
  routes = liveRoutes(server.app);
  const shelf = await putOnShelf(lead);
  const run = await startRun(lead, shelf);
  const panellist = await server.as('panellist');
  const cardId = await openSitting(lead, shelf.lotId, [panellist.me.id]);
  const { id: classId, groups, samples } = await beginClass(lead, shelf);
  const [person] = await lead.get<{ id: string }[]>('/users').then(({ body }) => body);
  ids = [shelf.lotId, shelf.materialId, run.id, cardId, classId, groups[0]?.id, samples[0]?.id, person?.id].flatMap(
    (id) => id ?? [],
  );
});
afterAll(() => server.close());

const filled = (address: string, id: string): string =>
  address.replace(':criterion', 'smell').replace(':name', 'kitchen').replaceAll(/:\w+/g, id);
const isOpenTo = ({ access }: LiveRoute, role: Role): boolean =>
  access?.kind === 'public' ||
  access?.kind === 'signed-in' ||
  (access?.kind === 'roles' && access.roles.includes(role));

/** Taking something away that is not there is done already; a list of something's is asked by its own id. */
const NOTHING_TO_DO = /^DELETE \/(table-files|notebook-file)\/incoming/;

describe('an id of nothing', () => {
  it('is refused by every route that names one thing, and never answered for', async () => {
    const findings: string[] = [];
    for (const { method, address } of routes.filter((one) => one.address.includes(':id'))) {
      const absent = filled(address, uuidv7());
      const { status } = await lead.send(method, absent, method === 'GET' ? undefined : { version: 1 });
      const isFine = NOTHING_TO_DO.test(`${method} ${address}`) ? status < 500 : status >= 400 && status < 500;
      if (!isFine) findings.push(`${method} ${address}: ${String(status)}`);
    }
    expect(findings).toEqual([]);
  });

  it('is no other kind of thing: what is there under another address is not found under this one', async () => {
    const findings: string[] = [];
    for (const { address } of routes.filter(({ method, address: at }) => method === 'GET' && at.includes(':id'))) {
      const statuses = await Promise.all(ids.map(async (id) => (await lead.get(filled(address, id))).status));
      if (statuses.some((status) => status >= 500)) findings.push(`${address} breaks`);
      // A lot's, a run's, a person's id: at most two kinds of things live at one address.
      if (statuses.filter((status) => status === 200).length > 2) findings.push(`${address} takes any id`);
    }
    expect(findings).toEqual([]);
  });
});

describe('somebody whose session is over', () => {
  it.each<[string, (id: string) => Promise<unknown>]>([
    ['switched off', (id) => lead.send('PATCH', `/users/${id}`, { active: false })],
    ['signed out everywhere by the lead', (id) => lead.send('DELETE', `/users/${id}/sessions`)],
    ['given another password', (id) => lead.send('PATCH', `/users/${id}`, { password: 'another pail of water' })],
  ])('%s, is let into nothing', async (_, end) => {
    const [id, name] = [uuidv7(), `Bo ${uuidv7().slice(-8)}`];
    await lead.post('/users', { id, name, role: 'lead', password: PASSWORD });
    const client = server.anonymous();
    await client.post('/session', { name, password: PASSWORD });
    expect((await client.get('/lots')).status).toBe(200);
    server.clock.forward(1);
    await end(id);
    const findings: string[] = [];
    for (const { method, address, access } of routes) {
      if (access?.kind === 'public') continue;
      const { status } = await client.send(method, filled(address, ids[0] ?? ''), method === 'GET' ? undefined : {});
      if (status !== 401) findings.push(`${method} ${address}: ${String(status)}`);
    }
    expect(findings).toEqual([]);
  });
});

/** A script with its key: no cookie, no origin. */
async function script(token: string, method: string, address: string): Promise<{ status: number; cookie: boolean }> {
  const response = await fetch(`${server.base}/api${address}`, {
    method,
    headers: { authorization: `Bearer ${token}`, 'content-type': 'application/json' },
    ...(method === 'GET' ? {} : { body: '{}' }),
    signal: AbortSignal.timeout(20_000),
  });
  await response.body?.cancel();
  return { status: response.status, cookie: response.headers.has('set-cookie') };
}

describe('a key for scripts', () => {
  const keyOf = async (may: 'read' | 'write'): Promise<string> =>
    (await lead.post<MadeAccessToken>('/access-tokens', { id: uuidv7(), name: may, may })).body.token;

  it('that may read opens what a reader may read, writes nothing, and never becomes a session', async () => {
    const token = await keyOf('read');
    const findings: string[] = [];
    for (const route of routes) {
      const { method, address, access } = route;
      if (access?.kind === 'public') continue;
      const { status, cookie } = await script(token, method, filled(address, ids[0] ?? ''));
      const name = `${method} ${address}: ${String(status)}`;
      if (cookie) findings.push(`${name} gives a session`);
      const isTurnedAway = status === 403 || status === 401;
      if (!isOpenTo(route, 'reader') && !isTurnedAway) findings.push(name);
      const writes = method !== 'GET' && !address.startsWith('/calc') && status < 300;
      if (writes) findings.push(`${name} writes`);
    }
    expect(findings).toEqual([]);
  });

  it('of a lead that may write does nothing about people, passwords, sessions and keys', async () => {
    const token = await keyOf('write');
    const findings: string[] = [];
    for (const { method, address, access } of routes) {
      if (method === 'GET' || access?.kind === 'public' || !/^\/(me|users|session|access-tokens)\b/.test(address))
        continue;
      const { status, cookie } = await script(token, method, filled(address, ids.at(-1) ?? ''));
      if (status !== 403 || cookie) findings.push(`${method} ${address}: ${String(status)}`);
    }
    expect(findings).toEqual([]);
    expect((await script(token, 'GET', '/lots')).status).toBe(200);
  });

  it('opens nothing once its person is a panellist', async () => {
    const [id, name] = [uuidv7(), `Bo ${uuidv7().slice(-8)}`];
    await lead.post('/users', { id, name, role: 'reader', password: PASSWORD });
    const client = server.anonymous();
    await client.post('/session', { name, password: PASSWORD });
    const made = await client.post<MadeAccessToken>('/access-tokens', { id: uuidv7(), name: 'r', may: 'read' });
    expect((await script(made.body.token, 'GET', '/lots')).status).toBe(200);
    await lead.send('PATCH', `/users/${id}`, { role: 'panellist' });
    for (const address of ['/lots', '/sheets', '/today'])
      expect((await script(made.body.token, 'GET', address)).status).toBe(401);
  });
});

describe('at the door', () => {
  it('a name that is there and one that is not cost the same work', async () => {
    const [id, name] = [uuidv7(), `Bo ${uuidv7().slice(-8)}`];
    await lead.post('/users', { id, name, role: 'tester', password: PASSWORD });
    const time = async (who: string): Promise<number> => {
      const began = performance.now();
      await server.anonymous().post('/session', { name: who, password: 'not the right one' });
      return performance.now() - began;
    };
    const [there, not]: [number[], number[]] = [[], []];
    // One after the other in turns, so that whatever else the machine does falls on both alike.
    for (let i = 0; i < 9; i += 1) {
      there.push(await time(name));
      not.push(await time(`Nobody ${String(i)}`));
    }
    const median = (times: number[]): number => times.sort((a, b) => a - b)[4] as number;
    // Without the work for a name that is not there it is ten times quicker.
    expect(median(not) / median(there)).toBeGreaterThan(0.4);
  });
});
