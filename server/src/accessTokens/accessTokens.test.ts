import type { AccessTokenRow, MadeAccessToken, Role, TokenScope } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
const people = new Map<Role, Client>();

beforeAll(async () => {
  server = await startTestServer();
  for (const role of ['lead', 'tester', 'reader'] as const) people.set(role, await server.as(role));
});
afterAll(() => server.close());

const person = (role: Role): Client => people.get(role) as Client;
async function make(
  role: Role,
  may: TokenScope,
  name = 'a script',
): Promise<MadeAccessToken & { readonly id: string }> {
  const id = uuidv7();
  const { status, body } = await person(role).post<MadeAccessToken>('/access-tokens', { id, name, may });
  expect(status).toBe(201);
  return { ...body, id };
}

/** As a script asks: without a cookie, an origin or anything but its key. */
async function script(token: string, method: string, address: string, body?: object): Promise<number> {
  const { status } = await fetch(`${server.base}/api${address}`, {
    method,
    headers: { authorization: `Bearer ${token}`, 'content-type': 'application/json' },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });
  return status;
}
const material = () => ({ id: uuidv7(), name: `By a script ${uuidv7().slice(-6)}`, kind: 'material' });

describe('a key for scripts', () => {
  it('reads and writes in the name of whoever made it, without a cookie', async () => {
    const { token } = await make('tester', 'write');
    expect(await script(token, 'GET', '/lots')).toBe(200);
    expect(await script(token, 'POST', '/materials', material())).toBe(201);
  });

  it('that may only read writes nothing, whoever made it', async () => {
    for (const role of ['lead', 'tester', 'reader'] as const) {
      const { token } = await make(role, 'read');
      expect(await script(token, 'GET', '/lots')).toBe(200);
      expect(await script(token, 'POST', '/materials', material())).toBe(403);
      expect(await script(token, 'GET', '/notebook-file/notebook.json')).toBe(403);
    }
  });

  it('of a reader writes nothing, even where it may write', async () => {
    const { token } = await make('reader', 'write');
    expect(await script(token, 'POST', '/materials', material())).toBe(403);
  });

  it('ends at once when it is ended, and no other does', async () => {
    const [one, other] = [await make('tester', 'read'), await make('tester', 'read')];
    await person('tester').send('DELETE', `/access-tokens/${one.id}`);
    expect(await script(one.token, 'GET', '/lots')).toBe(401);
    expect(await script(other.token, 'GET', '/lots')).toBe(200);
  });

  it('is one’s own to end, or a lead’s', async () => {
    const { id, token } = await make('tester', 'read');
    expect((await person('reader').send('DELETE', `/access-tokens/${id}`)).status).toBe(404);
    expect((await person('reader').get<AccessTokenRow[]>('/access-tokens')).body.map((row) => row.id)).not.toContain(
      id,
    );
    expect((await person('lead').get<AccessTokenRow[]>('/access-tokens')).body.map((row) => row.id)).toContain(id);
    expect((await person('lead').send('DELETE', `/access-tokens/${id}`)).status).toBe(200);
    expect(await script(token, 'GET', '/lots')).toBe(401);
  });

  it('is shown once, kept only as what it hashes to, and says when it was used', async () => {
    const { token, id } = await make('lead', 'write', 'the shed’s script');
    expect(await script(token, 'GET', '/lots')).toBe(200);
    const { body } = await person('lead').get<AccessTokenRow[]>('/access-tokens');
    const row = body.find((one) => one.id === id);
    expect(row).toMatchObject({ name: 'the shed’s script', may: 'write', usedAt: expect.any(String) as string });
    expect(JSON.stringify(body)).not.toContain(token);
    const kept = await server.db.query<{ all: string }[]>('select json_agg(t)::text as all from access_tokens t');
    expect(kept[0]?.all).not.toContain(token);
    expect((await person('lead').get<string>('/notebook-file/notebook.json')).body).not.toHaveProperty(
      'kinds.access_tokens',
    );
  });

  it('makes no other keys, and a false one opens nothing, not even beside a cookie', async () => {
    const { token } = await make('lead', 'write');
    expect(await script(token, 'POST', '/access-tokens', { id: uuidv7(), name: 'x', may: 'write' })).toBe(403);
    for (const wrong of ['', 'bentpail_', `${token}x`, 'x'.repeat(5000)])
      expect(await script(wrong, 'GET', '/lots')).toBe(401);
    const beside = await person('lead').send('GET', '/lots', undefined, { authorization: 'Bearer bentpail_no' });
    expect(beside.status).toBe(401);
    const basic = await person('lead').send('GET', '/lots', undefined, { authorization: 'Basic abc' });
    expect(basic.status).toBe(401);
  });
});
