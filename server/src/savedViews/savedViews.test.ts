import type { SavedView } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Client & { readonly me: { readonly name: string } };
beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
});
afterAll(() => server.close());

const view = (more: object = {}): object => ({
  id: uuidv7(),
  page: '/shelf',
  name: 'Bark, cheapest first',
  query: 'find=bark&sort=price',
  ...more,
});

it('keeps how a list is looked at for everybody, once', async () => {
  const said = view();
  const kept = await tester.post<SavedView[]>('/saved-views', said);
  expect(kept.status).toBe(201);
  expect(kept.body).toEqual([{ ...said, by: tester.me.name, keptAt: '2026-11-24T08:00:00.000Z' }]);
  expect((await tester.post('/saved-views', said)).status).toBe(201);
  const reader = await server.as('reader');
  expect((await reader.get<SavedView[]>('/saved-views')).body).toHaveLength(1);
  expect((await reader.post('/saved-views', view({ name: 'Mine' }))).status).toBe(403);
  expect((await (await server.as('panellist')).get('/saved-views')).status).toBe(403);
});

it('takes the same name on another page, and refuses it on the same', async () => {
  const again = await tester.post<{ error: { path: string; message: string } }>(
    '/saved-views',
    view({ name: 'bark, CHEAPEST first' }),
  );
  expect([again.status, again.body.error.path]).toEqual([422, 'name']);
  expect(again.body.error.message).toBe('There is a list called Bark, cheapest first already.');
  expect((await tester.post('/saved-views', view({ page: '/bench' }))).status).toBe(201);
});

it.each([
  [{ page: '/nowhere' }, 'page'],
  [{ page: '//elsewhere.example' }, 'page'],
  [{ name: ' ' }, 'name'],
  [{ query: 'find=<b>' }, 'query'],
  [{ query: 'a='.padEnd(1200, 'b') }, 'query'],
])('refuses %j', async (more, path) => {
  const { status, body } = await tester.post<{ error: { path: string } }>('/saved-views', view(more));
  expect([status, body.error.path]).toEqual([422, path]);
});

it('forgets a name, and says so of one that it does not know', async () => {
  const [first] = (await tester.get<SavedView[]>('/saved-views')).body;
  const left = await tester.send<SavedView[]>('DELETE', `/saved-views/${String(first?.id)}`);
  expect(left.body.map(({ id }) => id)).not.toContain(first?.id);
  expect((await tester.send('DELETE', `/saved-views/${uuidv7()}`)).status).toBe(404);
});
