import { ROLES, type Role } from '@bent-pail/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import type { Client } from '../testing/testServer';
import { liveRoutes } from '../testing/liveRoutes';
import { startTestServer, type TestServer } from '../testing/testServer';

let server: TestServer;
const clients = new Map<Role, Client>();

beforeAll(async () => {
  server = await startTestServer();
  for (const role of ROLES) clients.set(role, await server.as(role));
});
afterAll(() => server.close());

const concrete = (address: string): string =>
  address.replace(':criterion', 'smell').replace(':name', 'kitchen').replaceAll(/:\w+/g, uuidv7());

describe('the guard of every route', () => {
  it('is declared', () => {
    const routes = liveRoutes(server.app);
    expect(routes.length).toBeGreaterThan(25);
    expect(routes.filter((route) => route.access === undefined)).toEqual([]);
  });

  it('lets in exactly the roles that it names, and nobody who is signed out', async () => {
    const findings: string[] = [];
    for (const { method, address, access } of liveRoutes(server.app)) {
      if (address === '/session' && method === 'DELETE') continue;
      const send = (client: Client) => client.send(method, concrete(address), method === 'GET' ? undefined : {});
      const out = await send(server.anonymous());
      if (access?.kind !== 'public' && out.status !== 401)
        findings.push(`${method} ${address} signed out: ${String(out.status)}`);
      if (access?.kind === 'public') continue;
      // A group's link is a phone's: nobody of the notebook is one by being signed in.
      if (access?.kind === 'group') {
        for (const [role, client] of clients)
          if ((await send(client)).status !== 401) findings.push(`${method} ${address} as ${role}`);
        continue;
      }
      const asRole = async (role: Role): Promise<void> => {
        const allowed = access?.kind === 'signed-in' || (access?.kind === 'roles' && access.roles.includes(role));
        const { status, body } = await send(clients.get(role) as Client);
        const turnedAway =
          status === 403 && (body as { error: { message: string } }).error.message.endsWith('may not do this.');
        if (turnedAway === allowed) findings.push(`${method} ${address} as ${role}: ${String(status)}`);
        if (status >= 500) findings.push(`${method} ${address} as ${role} breaks: ${String(status)}`);
      };
      await Promise.all(ROLES.map(asRole));
    }
    expect(findings).toEqual([]);
  });

  it.each(['x', '0', '%00', '%F0%9F%AA%A3', 'null', 'a'.repeat(300), "1'--"])(
    'answers an address that is none, %j, with a sentence',
    async (part) => {
      const lead = clients.get('lead') as Client;
      const findings: string[] = [];
      for (const { method, address } of liveRoutes(server.app).filter((one) => one.address.includes(':'))) {
        const odd = address.replaceAll(/:\w+/g, part);
        const { status } = await lead.send(method, odd, method === 'GET' ? undefined : { version: 1 });
        if (status < 400 || status >= 500) findings.push(`${method} ${address}: ${String(status)}`);
      }
      expect(findings).toEqual([]);
    },
  );

  it.each<[string, object]>([
    ['an id and nothing else', { id: uuidv7() }],
    ['wrong kinds', { id: 7, name: [], version: 'one', value: {}, lines: 'none', recipe: [], settings: 'x' }],
    [
      'numbers beyond all',
      { id: uuidv7(), version: 1e300, value: 1e308, stock_L: -1e308, replicate: 2 ** 53, made_L: 1e308 },
    ],
    ['very long words', { id: uuidv7(), name: 'x'.repeat(50_000), text: 'y'.repeat(50_000), code: 'z'.repeat(5000) }],
    [
      'a byte that no database keeps',
      { id: uuidv7(), name: 'a\u0000b', text: 'a\u0000b', code: 'a\u0000b', kind: 'material' },
    ],
    ['names of objects’ insides', JSON.parse('{"__proto__": {"admin": true}, "constructor": 1, "id": "x"}') as object],
  ])('answers a body of %s with a sentence', async (_, body) => {
    const lead = clients.get('lead') as Client;
    const findings: string[] = [];
    for (const { method, address } of liveRoutes(server.app)) {
      if (method === 'GET' || address === '/session') continue;
      const { status } = await lead.send(method, concrete(address), body);
      if (status >= 500) findings.push(`${method} ${address}: ${String(status)}`);
    }
    expect(findings).toEqual([]);
  });

  it('keeps no byte that the database cannot keep, and says so', async () => {
    const lead = clients.get('lead') as Client;
    const material = { id: uuidv7(), name: 'Bark\u0000', kind: 'material' };
    const answer = await lead.post('/materials', material);
    expect(answer.status).toBe(422);
    expect(answer.body).toMatchObject({ error: { message: 'There is a character in it that cannot be kept.' } });
    const inJson = await lead.post('/jobs', {
      jobs: [{ id: uuidv7(), at: '2026-11-25T08:00:00Z', what: 'Soak\u0000', where: 'Tub' }],
    });
    expect(inJson.status).toBe(422);
  });

  it('signing out ends the session', async () => {
    const client = await server.as('tester');
    expect((await client.send('DELETE', '/session')).status).toBe(204);
    expect((await client.get('/today')).status).toBe(401);
  });
});

describe('writes', () => {
  it.each<[string, Record<string, string>, number]>([
    ['from our own pages', {}, 200],
    ['that the browser calls same-origin', { origin: 'http://elsewhere.test', 'sec-fetch-site': 'same-origin' }, 200],
    ['from another origin', { origin: 'http://elsewhere.test' }, 403],
    ['that the browser calls cross-site', { 'sec-fetch-site': 'cross-site' }, 403],
    ['that the browser calls same-site only', { 'sec-fetch-site': 'same-site' }, 403],
  ])('%s answer as they must', async (_, headers, status) => {
    const client = clients.get('tester') as Client;
    const answer = await client.send(
      'POST',
      '/calc/kitchen',
      { vesselVolume_mL: 1000, waterAdded_mL: 500, drained_mL: 200 },
      headers,
    );
    expect(answer.status).toBe(status);
  });

  it('that are not JSON get a sentence', async () => {
    const client = clients.get('tester') as Client;
    const answer = await client.send('POST', '/lots', '{ "code": ');
    expect(answer.status).toBe(422);
    expect(answer.body).toEqual({
      error: { code: 'invalid', path: 'input', message: 'invalid input: this is not JSON' },
    });
  });

  it('name an unknown field and a wrong one', async () => {
    const client = clients.get('tester') as Client;
    const unknown = await client.post('/materials', { id: uuidv7(), name: 'x', kind: 'material', colour: 'red' });
    expect(unknown.body).toEqual({ error: { code: 'unknown', path: 'colour', message: 'There is no field colour.' } });
    const wrong = await client.post('/vessels', { id: uuidv7(), name: 'x', kind: 'pot', shape: { height_cm: -1 } });
    expect(wrong.body).toMatchObject({
      error: { path: 'shape.height_cm', message: 'The depth must be 0.5 cm or more.' },
    });
  });
});
