import type pg from 'pg';
import type { PostgresDriver } from 'typeorm/driver/postgres/PostgresDriver.js';
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

it('a connection that is ended while somebody holds it, between two questions, ends nothing else', async () => {
  const server = await startTestServer();
  const pool = (server.db.driver as PostgresDriver).master as pg.Pool;
  const held = await pool.connect();
  const { rows } = await held.query<{ pid: number }>('select pg_backend_pid() as pid');
  const gone = new Promise((resolve) => held.once('end', resolve));
  await server.db.query('select pg_terminate_backend($1)', [rows[0]?.pid]);
  await gone;
  held.release(true);
  expect((await server.anonymous().get('/ready')).status).toBe(200);
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
