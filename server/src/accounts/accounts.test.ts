import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { startTestServer, type TestServer } from '../testing/testServer';
import * as passwords from './passwords';

const PASSWORD = 'a pail of grey water';
let empty: TestServer;
let demo: TestServer;

beforeAll(async () => {
  empty = await startTestServer({ demo: false });
  demo = await startTestServer();
});
afterAll(async () => {
  await empty.close();
  await demo.close();
});

describe('an empty notebook', () => {
  it('asks for its first lead, once', async () => {
    const door = empty.anonymous();
    expect((await door.get('/session')).body).toMatchObject({ needsFirstLead: true, demo: false });
    const short = await door.post('/first-lead', { name: 'Ann', password: 'short', place: 'Shed' });
    expect(short.body).toMatchObject({ error: { path: 'password' } });
    const first = await door.post('/first-lead', { name: 'Ann', password: PASSWORD, place: 'Shed' });
    expect(first.body).toMatchObject({
      me: { name: 'Ann', role: 'lead' },
      notebook: { place: 'Shed' },
      needsFirstLead: false,
    });
    expect((await empty.anonymous().post('/first-lead', { name: 'Eve', password: PASSWORD, place: 'x' })).status).toBe(
      409,
    );
  });

  it('opens to the right password only, with the same words for a wrong name', async () => {
    expect((await empty.anonymous().post('/session', { name: 'ann', password: PASSWORD })).status).toBe(200);
    const wrong = await empty.anonymous().post('/session', { name: 'Ann', password: 'not this one' });
    const nobody = await empty.anonymous().post('/session', { name: 'Nobody', password: PASSWORD });
    expect(wrong.status).toBe(401);
    expect(nobody.body).toEqual(wrong.body);
  });

  it('never opens with one click', async () => {
    expect((await empty.anonymous().post('/session/demo', { name: 'Ann' })).status).toBe(403);
  });

  it('keeps passwords as Argon2id only', async () => {
    const rows = await empty.db.query<{ password_hash: string }[]>('select password_hash from users');
    expect(rows.every((row) => row.password_hash.startsWith('$argon2id$v=19$m=19456,t=2,p=1$'))).toBe(true);
  });

  it('hashes nothing for a stranger at the door of the first lead', async () => {
    const hashed = vi.spyOn(passwords, 'hashPassword');
    const body = { name: 'Eve', password: PASSWORD, place: 'x' };
    expect((await empty.anonymous().post('/first-lead', body)).status).toBe(409);
    expect(hashed).not.toHaveBeenCalled();
    hashed.mockRestore();
  });
});

describe('a session', () => {
  it('is written when somebody signs in, and by no request after that', async () => {
    const lead = await demo.as('lead');
    const rows = () => demo.db.query<object[]>('select xmin::text, * from session order by sid');
    const before = await rows();
    await new Promise((resolve) => setTimeout(resolve, 1100));
    for (const address of ['/session', '/counts', '/today']) await lead.get(address);
    expect(before.length).toBeGreaterThan(0);
    expect(await rows()).toEqual(before);
  });
});

describe('people', () => {
  it('are added by the lead and may then sign in', async () => {
    const lead = await demo.as('lead');
    const id = uuidv7();
    const body = { id, name: 'Bo Fell', role: 'tester', password: PASSWORD };
    expect((await lead.post('/users', body)).status).toBe(201);
    expect((await lead.post('/users', { ...body, id: uuidv7() })).body).toMatchObject({ error: { path: 'name' } });
    expect((await demo.anonymous().post('/session', { name: 'Bo Fell', password: PASSWORD })).status).toBe(200);
  });

  it('choose whether single keys work', async () => {
    const tester = await demo.as('tester');
    await tester.send('PATCH', '/me', { singleKeys: false });
    expect((await tester.get('/session')).body).toMatchObject({ me: { singleKeys: false } });
  });
});
