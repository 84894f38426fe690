import type { SessionRow, UserRow } from '@bent-pail/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

const FIRST = 'a pail of grey water';
const SECOND = 'another pail of water';
let server: TestServer;
let lead: Awaited<ReturnType<TestServer['as']>>;
beforeAll(async () => {
  server = await startTestServer();
  lead = await server.as('lead');
});
afterAll(() => server.close());

/** Somebody new, signed in with a password. */
async function somebody(role = 'tester'): Promise<{ id: string; name: string; client: Client }> {
  const [id, name] = [uuidv7(), `Bo ${uuidv7().slice(-8)}`];
  await lead.post('/users', { id, name, role, password: FIRST });
  const client = server.anonymous();
  expect((await client.post('/session', { name, password: FIRST })).status).toBe(200);
  return { id, name, client };
}
const signIn = async (name: string, password: string): Promise<number> =>
  (await server.anonymous().post('/session', { name, password })).status;
const edit = (id: string, change: object) => lead.send<UserRow[]>('PATCH', `/users/${id}`, change);
const status = async (client: Client, address = '/lots'): Promise<number> => (await client.get(address)).status;

describe('a password', () => {
  it('is changed by whoever knows the present one; sessions elsewhere end, this one goes on', async () => {
    const { name, client } = await somebody();
    const elsewhere = server.anonymous();
    await elsewhere.post('/session', { name, password: FIRST });
    server.clock.forward(1);
    const change = (present: string, password: string) => client.send('PUT', '/me/password', { present, password });
    expect((await change('not this one', SECOND)).body).toMatchObject({ error: { path: 'present' } });
    expect((await change(FIRST, '          ')).body).toMatchObject({ error: { path: 'password' } });
    expect((await change(FIRST, SECOND)).status).toBe(204);
    expect(await status(client)).toBe(200);
    expect(await status(elsewhere)).toBe(401);
    expect([await signIn(name, FIRST), await signIn(name, SECOND)]).toEqual([401, 200]);
  });

  it('that was forgotten is set anew by the lead, and by nobody else', async () => {
    const { id, name, client } = await somebody();
    const tester = await server.as('tester');
    expect((await tester.send('PATCH', `/users/${id}`, { password: SECOND })).status).toBe(403);
    server.clock.forward(1);
    expect((await edit(id, { password: SECOND })).status).toBe(200);
    expect(await status(client)).toBe(401);
    expect([await signIn(name, FIRST), await signIn(name, SECOND)]).toEqual([401, 200]);
  });
});

describe('a person', () => {
  it('who is switched off is out at once, keeps the name in the list, and can come back', async () => {
    const { id, name, client } = await somebody();
    server.clock.forward(1);
    const { body } = await edit(id, { active: false });
    expect(body.at(-1)).toMatchObject({ id, active: false });
    expect(await status(client)).toBe(401);
    expect(await signIn(name, FIRST)).toBe(401);
    await edit(id, { active: true });
    expect(await status(client)).toBe(401);
    expect(await signIn(name, FIRST)).toBe(200);
  });

  it('cannot come back where somebody else has the name by now', async () => {
    const { id, name } = await somebody();
    await edit(id, { active: false });
    await lead.post('/users', { id: uuidv7(), name, role: 'reader', password: FIRST });
    expect((await edit(id, { active: true })).body).toMatchObject({ error: { path: 'name' } });
  });

  it('has the role that the lead gives, from the next request on', async () => {
    const { id, client } = await somebody();
    expect((await client.post('/materials', { id: uuidv7(), name: 'Bark', kind: 'material' })).status).toBe(201);
    await edit(id, { role: 'reader' });
    expect((await client.post('/materials', { id: uuidv7(), name: 'Bark', kind: 'material' })).status).toBe(403);
    expect((await client.get('/session')).body).toMatchObject({ me: { role: 'reader' } });
  });

  it('sees where they are signed in, by no secret, and ends one of these', async () => {
    const { name, client } = await somebody();
    server.clock.forward(1);
    const elsewhere = server.anonymous();
    const agent = 'Mozilla/5.0 (X11; Linux x86_64; rv:130.0) Gecko/20100101 Firefox/130.0';
    await elsewhere.send('POST', '/session', { name, password: FIRST }, { 'user-agent': agent });
    const seen = (await client.get<SessionRow[]>('/me/sessions')).body;
    expect(seen.map(({ device, isThis }) => [device, isThis])).toEqual([
      ['Firefox, Linux', false],
      [expect.any(String), true],
    ]);
    const stranger = await somebody();
    const end = (who: Client) => who.send('DELETE', `/me/sessions/${seen[0]?.key ?? ''}`);
    expect((await end(stranger.client)).status).toBe(404);
    expect(await status(elsewhere)).toBe(200);
    expect((await end(client)).status).toBe(204);
    expect(await status(elsewhere)).toBe(401);
    expect(await status(client)).toBe(200);
    const sids = await server.db.query<{ sid: string }[]>('select sid from session');
    expect(sids.some(({ sid }) => JSON.stringify(seen).includes(sid))).toBe(false);
  });

  it('ends the own sessions elsewhere; the lead ends anybody’s', async () => {
    const { id, name, client } = await somebody();
    const elsewhere = server.anonymous();
    await elsewhere.post('/session', { name, password: FIRST });
    server.clock.forward(1);
    expect((await client.send('DELETE', '/me/sessions')).status).toBe(204);
    expect([await status(client), await status(elsewhere)]).toEqual([200, 401]);
    server.clock.forward(1);
    expect((await lead.send('DELETE', `/users/${id}/sessions`)).status).toBe(204);
    expect(await status(client)).toBe(401);
    expect((await lead.send('DELETE', `/users/${uuidv7()}/sessions`)).status).toBe(404);
  });
});

describe('the last lead', () => {
  it('can be neither switched off nor made something else', async () => {
    const own = await startTestServer({ demo: false });
    const door = own.anonymous();
    await door.post('/first-lead', { name: 'Ann', password: FIRST, place: 'Shed' });
    const [ann] = (await door.get<UserRow[]>('/users')).body;
    const change = (body: object) => door.send('PATCH', `/users/${ann?.id ?? ''}`, body);
    expect((await change({ active: false })).status).toBe(409);
    expect((await change({ role: 'reader' })).status).toBe(409);
    await door.post('/users', { id: uuidv7(), name: 'Bea', role: 'lead', password: FIRST });
    expect((await change({ role: 'reader' })).status).toBe(200);
    await own.close();
  });
});

describe('wrong passwords', () => {
  it('for one name lock out neither the others behind the address nor the door', async () => {
    const [one, other] = [await somebody(), await somebody()];
    const statuses: number[] = [];
    for (let i = 0; i < 12; i += 1) statuses.push(await signIn(one.name, 'no'));
    expect(statuses.at(-1)).toBe(429);
    expect(await signIn(other.name, FIRST)).toBe(200);
  });

  it('of people that there are not take the same limit', async () => {
    const statuses: number[] = [];
    for (let i = 0; i < 12; i += 1) statuses.push(await signIn('Nobody at all', 'no'));
    expect(statuses.at(-1)).toBe(429);
  });
});
