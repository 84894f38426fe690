import type { PlannedJobRow, TodayPage } from '@bent-pail/contract';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Client;
beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
});
afterAll(() => server.close());

const job = (at: string, what: string) => ({
  id: uuidv7(),
  at,
  what,
  where: 'batch of Camellia tub',
  to: '/blend/desk?x=1',
});
const planned = async (): Promise<readonly PlannedJobRow[]> => (await tester.get<TodayPage>('/today')).body.planned;

it('work with a date stands in today and in the calendar, soonest first, until it is done', async () => {
  const jobs = [job('2026-11-27T08:00:00Z', 'Mix 60 L'), job('2026-11-26T16:00:00Z', 'Moisten the bark')];
  expect((await tester.post('/jobs', { jobs })).status).toBe(201);
  expect((await planned()).map(({ what }) => what)).toEqual(['Moisten the bark', 'Mix 60 L']);
  expect((await tester.get<string>('/today.ics')).body).toContain('SUMMARY:Moisten the bark: batch of Camellia tub');
  const [, moisten] = jobs as [unknown, { id: string }];
  await tester.post(`/jobs/${moisten.id}/done`, { done: true });
  expect((await planned()).map(({ what }) => what)).toEqual(['Mix 60 L']);
  await tester.post(`/jobs/${moisten.id}/done`, { done: false });
  expect(await planned()).toHaveLength(2);
});

it('a plan sent twice is planned once', async () => {
  const before = (await planned()).length;
  const jobs = [job('2026-12-01T08:00:00Z', 'Test the pH again')];
  await tester.post('/jobs', { jobs });
  expect((await tester.post('/jobs', { jobs })).status).toBe(201);
  expect((await tester.post('/jobs', { jobs: [{ ...jobs[0], what: 'something else' }] })).status).toBe(409);
  const after = await planned();
  expect(after).toHaveLength(before + 1);
  expect(after.at(-1)?.what).toBe('Test the pH again');
});

it.each([
  ['no date', { at: 'tomorrow' }],
  ['a page elsewhere', { to: 'https://example.org' }],
  ['a page elsewhere that looks like one of ours', { to: '//example.org/shelf' }],
  ['a day that there is not', { at: '2026-02-30T08:00:00Z' }],
  ['a year beyond all', { at: '9999-01-01T08:00:00Z' }],
  ['nothing to do', { what: '' }],
])('%s is refused', async (_what, wrong) => {
  expect((await tester.post('/jobs', { jobs: [{ ...job('2026-12-01T08:00:00Z', 'x'), ...wrong }] })).status).toBe(422);
});

it('is nothing for readers and panellists to plan, and nothing that they would find', async () => {
  const reader = await server.as('reader');
  expect((await reader.post('/jobs', { jobs: [job('2026-12-01T08:00:00Z', 'x')] })).status).toBe(403);
  const panellist = await server.as('panellist');
  expect((await panellist.get<TodayPage>('/today')).body.planned).toEqual([]);
  expect((await tester.post(`/jobs/${uuidv7()}/done`, { done: true })).status).toBe(404);
});
