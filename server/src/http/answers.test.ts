import { connect } from 'node:net';
import { gzipSync } from 'node:zlib';
import {
  QueryRunnerAlreadyReleasedError,
  QueryRunnerProviderAlreadyReleasedError,
  TransactionNotStartedError,
} from 'typeorm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { putOnShelf, startRun } from '../testing/bench';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';
import { databaseIsGone, problemOf } from './problems';

let server: TestServer;
let lead: Client;
beforeAll(async () => {
  server = await startTestServer();
  lead = await server.as('lead');
});
afterAll(() => server.close());

interface Said {
  readonly error: { readonly code: string; readonly message: string };
}

/** A request as bytes, for what no client would send; answers with the status line and the body. */
function raw(base: string, text: string): Promise<string> {
  return new Promise((resolve, reject) => {
    const socket = connect(Number(new URL(base).port), '127.0.0.1');
    let said = '';
    socket.on('data', (part) => (said += String(part)));
    socket.on('close', () => {
      resolve(said);
    });
    socket.on('error', reject);
    socket.write(text);
  });
}

const deep = (depth: number): string => `${'{"a":'.repeat(depth)}1${'}'.repeat(depth)}`;

describe('a request that makes no sense', () => {
  it.each<[string, string, string, unknown, Record<string, string>, number]>([
    ['with a body that is an object’s insides', 'POST', '/materials', '{"constructor":{}}', {}, 422],
    ['with insides further in', 'POST', '/jobs', '{"jobs":[{"__proto__":{"a":1}}]}', {}, 422],
    ['40,000 brackets deep', 'POST', '/materials', deep(40_000), {}, 422],
    ['40,000 brackets deep, for a calculation', 'POST', '/calc/blend', deep(40_000), {}, 422],
    ['with a list 40,000 deep', 'POST', '/materials', `${'['.repeat(40_000)}${']'.repeat(40_000)}`, {}, 422],
    ['at an address that cannot be decoded', 'GET', '/lots/%ZZ', undefined, {}, 400],
    ['at another one', 'PATCH', '/lots/%E0%A4%A', { version: 1 }, {}, 400],
    ['in an unknown charset', 'POST', '/materials', '{}', { 'content-type': 'application/json; charset=klingon' }, 415],
    ['in an unknown encoding', 'POST', '/materials', '{}', { 'content-encoding': 'snail' }, 415],
    ['in broken gzip', 'POST', '/materials', 'no gzip at all', { 'content-encoding': 'gzip' }, 400],
    ['larger than all', 'POST', '/materials', JSON.stringify({ name: 'x'.repeat(300_000) }), {}, 413],
  ])('%s is answered with a sentence', async (_, method, address, body, headers, status) => {
    const answer = await lead.send<Said>(method, address, body, headers);
    expect(answer.status).toBe(status);
    expect(answer.body.error.message).toMatch(/[.]$|JSON/);
  });

  it('that is cut off in its gzip leaves the server well', async () => {
    const half = gzipSync(JSON.stringify({ id: uuidv7(), name: 'Bark', kind: 'material' })).subarray(0, 20);
    const said = await raw(
      server.base,
      `POST /api/materials HTTP/1.1\r\nHost: 127.0.0.1\r\nOrigin: http://127.0.0.1\r\nContent-Type: application/json\r\nContent-Encoding: gzip\r\nContent-Length: ${String(half.length)}\r\nConnection: close\r\n\r\n${half.toString('latin1')}`,
    );
    expect(said).toMatch(/^HTTP\/1\.1 4\d\d/);
    expect((await lead.get('/lots')).status).toBe(200);
  });

  it.each(['2026-W05', '2026-W05-2', '2026-02-30', '0000-01-01', '9999-12-31', '20260101'])(
    'with the day %s is refused at its field',
    async (boughtOn) => {
      const { materialId } = await putOnShelf(lead);
      const answer = await lead.post<Said>('/lots', { id: uuidv7(), materialId, code: 'D1', boughtOn });
      expect(answer).toMatchObject({ status: 422, body: { error: { path: 'boughtOn' } } });
    },
  );

  it.each(['2026-W05-2T08:00:00Z', '2026-02-30T08:00:00Z', '0000-01-01T00:00:00Z'])(
    'with the moment %s is refused at its field',
    async (takenAt) => {
      const run = await startRun(lead, await putOnShelf(lead), 'ph-1to5');
      const reading = { id: uuidv7(), replicate: 0, step: 'pH', value: 5, takenAt };
      expect(await lead.post(`/runs/${run.id}/readings`, reading)).toMatchObject({
        status: 422,
        body: { error: { path: 'takenAt' } },
      });
    },
  );
});

describe('the name that a request asks for', () => {
  const ask = (host: string, origin = `http://${host}`, base = server.base) =>
    raw(base, `GET /api/session HTTP/1.1\r\nHost: ${host}\r\nOrigin: ${origin}\r\nConnection: close\r\n\r\n`);

  it.each(['127.0.0.1', 'localhost', '127.0.0.1:4310', '[::1]:4310', 'LOCALHOST'])('may be %s', async (host) => {
    expect(await ask(host)).toMatch(/^HTTP\/1\.1 200/);
  });

  it.each(['evil.test', '127.0.0.1.evil.test', '169.254.1.1', 'bench.local', 'a@b', ''])(
    'may not be %j, whatever origin it says',
    async (host) => {
      const said = await ask(host);
      expect(said).toMatch(/^HTTP\/1\.1 4(21|00)/);
      expect(said).not.toMatch(/needsFirstLead/);
    },
  );

  it('may be one that the notebook was told of', async () => {
    const told = await startTestServer({ hosts: ['Bench.test'] });
    expect(await ask('bench.test', 'http://bench.test', told.base)).toMatch(/^HTTP\/1\.1 200/);
    expect(await ask('bench.test')).toMatch(/^HTTP\/1\.1 421/);
    await told.close();
  });
});

describe('a database that is away or full', () => {
  it.each([
    ['08006', 'connection failure'],
    ['57P01', 'terminating connection'],
    ['57P03', 'starting up'],
    ['53300', 'too many clients'],
    ['53200', 'out of memory'],
    ['58030', 'io error'],
    ['ECONNRESET', 'read ECONNRESET'],
    ['EAI_AGAIN', 'getaddrinfo'],
  ])('is told by %s', (code, message) => {
    expect(databaseIsGone(Object.assign(new Error(message), { code }))).toBe(true);
    expect(problemOf(Object.assign(new Error(message), { code }))?.status).toBe(503);
  });

  it.each([QueryRunnerAlreadyReleasedError, QueryRunnerProviderAlreadyReleasedError, TransactionNotStartedError])(
    'is told by a runner that was let go: %o',
    (Gone) => {
      expect(problemOf(new Gone())?.status).toBe(503);
    },
  );

  it('is told by the words of a connection that broke', () => {
    expect(problemOf(new Error('Client has encountered a connection error and is not queryable'))?.status).toBe(503);
  });

  it('answers 507 with a sentence when the disk is full, says so when asked whether it is ready, and recovers', async () => {
    await server.db.query(`
      create function full_disk() returns trigger language plpgsql as
      $$ begin raise exception 'could not extend file: No space left on device' using errcode = '53100'; end $$;
      create trigger full_disk before insert on materials for each row execute function full_disk();
    `);
    const keep = () => lead.post<Said>('/materials', { id: uuidv7(), name: 'Bark', kind: 'material' });
    const answer = await keep();
    expect(answer.status).toBe(507);
    expect(answer.body.error.message).toMatch(/disk of the bench computer is full/);
    expect(answer.headers.get('retry-after')).toBe('2');
    // There is room for the probe, so it is ready again; while there is none it is not.
    await server.db.query('drop trigger full_disk on materials');
    expect((await server.anonymous().get('/ready')).status).toBe(200);
    expect((await keep()).status).toBe(201);
  });

  it('leaves those addresses alone that look at nobody', async () => {
    for (const address of ['/health', '/time']) {
      const answer = await lead.get(address);
      expect(answer.status).toBe(200);
      expect(answer.headers.get('set-cookie')).toBeNull();
    }
  });
});
