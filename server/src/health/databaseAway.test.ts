import { expect, it } from 'vitest';
import { startTestServer } from '../testing/testServer';

it('a signed-in request while the database is away gets 503 and ends nothing; who looks at nobody is answered', async () => {
  const server = await startTestServer();
  const tester = await server.as('tester');
  await server.db.destroy();
  for (const address of ['/lots', '/counts', '/runs'])
    expect(await tester.get(address)).toMatchObject({ status: 503, body: { error: { code: 'unavailable' } } });
  expect((await tester.get('/health')).status).toBe(200);
  expect((await tester.get('/ready')).status).toBe(503);
  // Back again, without a restart.
  await server.db.initialize();
  expect((await tester.get('/counts')).status).toBe(200);
  await server.close();
});

it('a server whose tables a newer version has changed is not ready, and says why', async () => {
  const server = await startTestServer();
  const ready = () => server.anonymous().get('/ready');
  expect(await ready()).toMatchObject({ status: 200, body: { status: 'ready', cardsWaiting: 0 } });
  await server.db.query(`insert into migrations (timestamp, name) values (9999999999999, 'Later9999999999999')`);
  expect(await ready()).toMatchObject({ status: 503, body: { error: { code: 'other-version' } } });
  await server.close();
});
