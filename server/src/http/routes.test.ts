import { ROLES, type Role } from '@bent-pail/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import type { Client } from '../testing/testServer';
import { startTestServer, type TestServer } from '../testing/testServer';
import type { Access } from './guard';

interface Layer {
  readonly route?: {
    readonly path: string;
    readonly methods: Record<string, boolean>;
    readonly stack: readonly { readonly handle: { readonly access?: Access } }[];
  };
}

interface LiveRoute {
  readonly method: string;
  readonly address: string;
  readonly access: Access | undefined;
}

let server: TestServer;
const clients = new Map<Role, Client>();

beforeAll(async () => {
  server = await startTestServer();
  for (const role of ROLES) clients.set(role, await server.as(role));
});
afterAll(() => server.close());

/** The routes as the running router has them, not as somebody listed them. */
function liveRoutes(): LiveRoute[] {
  const layers = server.app.api.router.stack as unknown as readonly Layer[];
  return layers.flatMap(({ route }) =>
    route === undefined
      ? []
      : Object.keys(route.methods).map((method) => ({
          method: method.toUpperCase(),
          address: route.path,
          access: route.stack[0]?.handle.access,
        })),
  );
}

const concrete = (address: string): string =>
  address.replace(':criterion', 'smell').replace(':name', 'kitchen').replaceAll(/:\w+/g, uuidv7());

describe('the guard of every route', () => {
  it('is declared', () => {
    const routes = liveRoutes();
    expect(routes.length).toBeGreaterThan(25);
    expect(routes.filter((route) => route.access === undefined)).toEqual([]);
  });

  it('lets in exactly the roles that it names, and nobody who is signed out', async () => {
    const findings: string[] = [];
    for (const { method, address, access } of liveRoutes()) {
      if (address === '/session' && method === 'DELETE') continue;
      const send = (client: Client) => client.send(method, concrete(address), method === 'GET' ? undefined : {});
      const out = await send(server.anonymous());
      if (access?.kind !== 'public' && out.status !== 401)
        findings.push(`${method} ${address} signed out: ${String(out.status)}`);
      if (access?.kind === 'public') continue;
      for (const role of ROLES) {
        const allowed = access?.kind === 'signed-in' || (access?.kind === 'roles' && access.roles.includes(role));
        const { status, body } = await send(clients.get(role) as Client);
        const turnedAway =
          status === 403 && (body as { error: { message: string } }).error.message.endsWith('may not do this.');
        if (turnedAway === allowed) findings.push(`${method} ${address} as ${role}: ${String(status)}`);
        if (status >= 500) findings.push(`${method} ${address} as ${role} breaks: ${String(status)}`);
      }
    }
    expect(findings).toEqual([]);
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
    expect(wrong.body).toMatchObject({ error: { path: 'shape.height_cm', message: 'The depth must be above 0 cm.' } });
  });
});
