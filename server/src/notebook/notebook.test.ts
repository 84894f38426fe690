import type { SessionState } from '@bent-pail/contract';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { startTestServer, type TestServer } from '../testing/testServer';

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(async () => {
  await server.close();
});

const USUAL = { scoop: 2, bucket: 10, barrow: 80, handful: 0.08 };

it('has the usual measures until somebody took its own, and everybody sees those then', async () => {
  const tester = await server.as('tester');
  expect((await tester.get('/session')).body).toMatchObject({ notebook: { measures: USUAL } });
  const lead = await server.as('lead');
  const own = { ...USUAL, scoop: 1.4, bucket: 12 };
  expect((await lead.send('PATCH', '/notebook', { measures: own })).body).toMatchObject({ measures: own });
  expect((await tester.get('/session')).body).toMatchObject({ notebook: { place: 'Tollgarth', measures: own } });
});

it('changes what is named and nothing else', async () => {
  const lead = await server.as('lead');
  const before = (await lead.get<SessionState>('/session')).body.notebook;
  const edited = await lead.send('PATCH', '/notebook', { currency: '€', zone: 'Europe/Vienna' });
  expect(edited.body).toEqual({ ...before, version: before.version + 1, currency: '€', zone: 'Europe/Vienna' });
});

it('has the usual hours of work until somebody says others', async () => {
  const lead = await server.as('lead');
  expect((await lead.get('/session')).body).toMatchObject({ notebook: { hours: { from_h: 7, to_h: 17 } } });
  const hours = { from_h: 6.5, to_h: 15 };
  expect((await lead.send('PATCH', '/notebook', { hours })).body).toMatchObject({ hours });
});

it('is not changed over somebody else’s change: the second of two is told, and sees what stands', async () => {
  const lead = await server.as('lead');
  const { version } = (await lead.get<SessionState>('/session')).body.notebook;
  expect((await lead.send('PATCH', '/notebook', { version, currency: '€' })).status).toBe(200);
  const late = await lead.send('PATCH', '/notebook', { version, currency: '$' });
  expect(late).toMatchObject({ status: 409, body: { error: { current: { currency: '€', version: version + 1 } } } });
  // A script that changes one thing need not know what there was.
  expect((await lead.send('PATCH', '/notebook', { currency: '£' })).status).toBe(200);
});

it('is the lead’s to change', async () => {
  const tester = await server.as('tester');
  expect((await tester.send('PATCH', '/notebook', { place: 'Mine' })).status).toBe(403);
});

it.each([
  [{ zone: 'Middle/Earth' }, 'zone', /time zone from the list/],
  [{ currency: '' }, 'currency', /1 to 4/],
  [{ hours: { from_h: 9, to_h: 9.5 } }, 'hours.to_h', /an hour after/],
  [{ hours: { from_h: -1, to_h: 9 } }, 'hours.from_h', /begins at 0/],
  [{ place: 7 }, 'place', /Name the place|1 to 80/],
  [{ measures: { ...USUAL, scoop: 0 } }, 'measures.scoop', /0\.01 L or more/],
  [{ measures: { ...USUAL, barrow: 4000 } }, 'measures.barrow', /1000 L or less/],
  [{ measures: { scoop: 1 } }, 'measures.bucket', /number of litres|L or less|L or more/],
])('refuses %j', async (body, path, sentence) => {
  const answer = await (await server.as('lead')).send('PATCH', '/notebook', body);
  expect(answer.status).toBe(422);
  expect(answer.body).toMatchObject({ error: { path, message: expect.stringMatching(sentence) as string } });
});

it('keeps what a handful of each weighs, one beside another', async () => {
  const tester = await server.as('tester');
  expect((await tester.get('/session')).body).toMatchObject({ notebook: { handfuls: {} } });
  await tester.post('/notebook/handfuls', { classId: 'bone-meal', g: 48 });
  await tester.post('/notebook/handfuls', { classId: 'wood-ash', g: 31.5 });
  const again = await tester.post('/notebook/handfuls', { classId: 'bone-meal', g: 52 });
  expect(again.body).toMatchObject({ handfuls: { 'bone-meal': 52, 'wood-ash': 31.5 } });
  const wrong = await tester.post<{ error: { path: string } }>('/notebook/handfuls', { classId: 'bark', g: 52 });
  expect([wrong.status, wrong.body.error.path]).toEqual([422, 'classId']);
  const reader = await server.as('reader');
  expect((await reader.post('/notebook/handfuls', { classId: 'bone-meal', g: 1 })).status).toBe(403);
});
