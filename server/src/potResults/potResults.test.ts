import type { PotResultRow } from '@bent-pail/contract';
import { v7 as uuidv7 } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startTestServer, type TestServer } from '../testing/testServer';

let server: TestServer;
let tester: Awaited<ReturnType<TestServer['as']>>;
beforeAll(async () => {
  server = await startTestServer();
  tester = await server.as('tester');
});
afterAll(() => server.close());

const result = (more: object = {}) => ({
  id: uuidv7(),
  name: 'Stones in the tub',
  address: '/pot?with=blend:0190a000-0000-7000-8000-000000000001&vs=stones&days=7',
  media: ['Camellia tub, version 2'],
  said: ['Watered every 2 days, it has air and easy water at all hours.'],
  ...more,
});
const listed = async (): Promise<readonly PotResultRow[]> => (await tester.get<PotResultRow[]>('/pot-results')).body;

describe('pots that were followed', () => {
  it('are kept with their address and what came of it, the newest first, once', async () => {
    const [first, second] = [result(), result({ name: 'Daily' })];
    expect((await tester.post('/pot-results', first)).status).toBe(201);
    server.clock.forward(1);
    await tester.post('/pot-results', second);
    expect((await tester.post('/pot-results', second)).status).toBe(201);
    expect((await tester.post('/pot-results', { ...second, name: 'x' })).status).toBe(409);
    expect(await listed()).toMatchObject([
      { ...second, by: tester.me.name, at: new Date(server.clock.at).toISOString() },
      first,
    ]);
  });

  it('are put away and brought back', async () => {
    const said = result({ name: 'Away' });
    await tester.post('/pot-results', said);
    await tester.send('PATCH', `/pot-results/${said.id}`, { archived: true });
    expect((await listed()).map(({ id }) => id)).not.toContain(said.id);
    await tester.send('PATCH', `/pot-results/${said.id}`, { archived: false });
    expect((await listed()).map(({ id }) => id)).toContain(said.id);
    expect((await tester.send('PATCH', `/pot-results/${uuidv7()}`, { archived: true })).status).toBe(404);
  });

  it.each([
    [{ address: 'https://example.org/pot?x' }, 'address'],
    [{ address: '//example.org/pot?x' }, 'address'],
    [{ address: '/shelf' }, 'address'],
    [{ media: [] }, 'media'],
    [{ said: [] }, 'said'],
    [{ name: ' ' }, 'name'],
  ])('are refused with %j', async (wrong, path) => {
    const { status, body } = await tester.post('/pot-results', result(wrong));
    expect([status, body]).toMatchObject([422, { error: { path } }]);
  });

  it('are read by readers, and kept by those who work', async () => {
    const reader = await server.as('reader');
    expect((await reader.get('/pot-results')).status).toBe(200);
    expect((await reader.post('/pot-results', result())).status).toBe(403);
    expect((await (await server.as('panellist')).get('/pot-results')).status).toBe(403);
  });
});
