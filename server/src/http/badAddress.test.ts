import { afterAll, beforeAll, expect, it } from 'vitest';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';

let server: TestServer;
let lead: Client;
beforeAll(async () => {
  server = await startTestServer();
  lead = await server.as('lead');
});
afterAll(() => server.close());

const NOBODY = '0191a2b3-0000-7000-8000-000000000000';

it.each([
  ['lots', 'lot'],
  ['runs', 'run'],
  ['blends', 'blend'],
  ['scorecards', 'scorecard'],
  ['suppliers', 'supplier'],
])('an address of %s that was mistyped, or names none, is told as such', async (many, one) => {
  for (const id of ['PM-3', `${NOBODY}0`, NOBODY]) {
    const { status, body } = await lead.get(`/${many}/${id}`);
    expect({ id, status, body }).toMatchObject({
      status: 404,
      body: { error: { message: `There is no such ${one}.` } },
    });
  }
});

it('a value that is none in a body is still a value that cannot be kept', async () => {
  const { status, body } = await lead.post('/lots', { id: NOBODY, materialId: 'no id', code: 'X-1' });
  expect({ status, body }).toMatchObject({ status: 422, body: { error: { path: 'materialId' } } });
});
