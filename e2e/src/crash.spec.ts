import { spawn, type ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import path from 'node:path';
import { expect, test } from '@playwright/test';
import pg from 'pg';
import { ROOT, scripts } from './cluster';

/** A seeded sample in every test run; `npm run crash` does all of it. */
const FULL = process.env.BENT_PAIL_CRASH === 'full';
const KILLS = FULL ? 500 : 5;
const DATABASE_DEATHS = FULL ? 20 : 1;
const SEED = Number(process.env.BENT_PAIL_SEED ?? '20261128');
const WRITERS = 4;
/** A server lives so long before it is killed, ms. */
const LIVES = { least: 20, most: 700 };

const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

/** Chance that can be had again. */
function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** A server that is killed and started again, always at the same address. */
class Mortal {
  private server: ChildProcess | undefined;
  constructor(
    readonly url: string,
    private readonly env: NodeJS.ProcessEnv,
  ) {}

  begin(): void {
    this.server = spawn(process.execPath, [path.join(ROOT, 'server/dist/main.js')], {
      env: { ...process.env, ...this.env, LOG_LEVEL: 'error' },
      stdio: ['ignore', 'inherit', 'inherit'],
    });
  }

  async untilReady(): Promise<void> {
    for (let i = 0; i < 600; i += 1) {
      const ready = await fetch(`${this.url}/api/ready`).then(
        (answer) => answer.ok,
        () => false,
      );
      if (ready) return;
      await pause(20);
    }
    throw new Error('the server did not become ready');
  }

  async kill(): Promise<void> {
    const { server } = this;
    if (server?.pid === undefined || server.exitCode !== null) return;
    const gone = new Promise((resolve) => server.once('exit', resolve));
    process.kill(server.pid, 'SIGKILL');
    await gone;
  }
}

/** Somebody who types without end: each reading is sent until it is answered, as a browser does. */
class Writer {
  readonly acknowledged: string[] = [];
  private cookie = '';
  private stopped = false;

  constructor(
    private readonly url: string,
    private readonly runId: string,
    private readonly name: string,
  ) {}

  async send(method: string, address: string, body: object): Promise<Response> {
    return fetch(`${this.url}/api${address}`, {
      method,
      headers: { origin: this.url, 'content-type': 'application/json', cookie: this.cookie },
      body: JSON.stringify(body),
      signal: AbortSignal.timeout(5000),
    });
  }

  async signIn(): Promise<void> {
    const answer = await this.send('POST', '/session/demo', { name: this.name });
    // The session is kept once the whole answer is here, not before.
    await answer.text();
    if (answer.status !== 200) throw new Error(`signing in answered ${String(answer.status)}`);
    this.cookie = (answer.headers.get('set-cookie') ?? '').split(';')[0] as string;
  }

  async write(): Promise<void> {
    for (let value = 1; !this.stopped; value += 1) {
      const id = randomUUID();
      const reading = {
        id,
        replicate: 0,
        step: 'pH',
        value: 1 + (value % 1000) / 100,
        takenAt: new Date().toISOString(),
      };
      await this.sendUntilKept(reading);
      this.acknowledged.push(id);
    }
  }

  private async sendUntilKept(reading: { readonly id: string }): Promise<void> {
    for (;;) {
      const answer = await this.send('POST', `/runs/${this.runId}/readings`, reading).catch(() => undefined);
      if (answer?.status === 201) return;
      if (answer !== undefined && answer.status !== 503)
        throw new Error(`a reading was answered ${String(answer.status)}: ${await answer.text()}`);
      await pause(25);
    }
  }

  stop(): void {
    this.stopped = true;
  }
}

test(`readings survive ${String(KILLS)} kills of the server and ${String(DATABASE_DEATHS)} deaths of PostgreSQL: none lost, none twice`, async () => {
  test.setTimeout(FULL ? 3_600_000 : 180_000);
  const random = seeded(SEED);
  const { scratchCluster, freePort } = await scripts();
  const postgres = scratchCluster();
  const databaseUrl = await postgres.start();
  const port = await freePort(4900);
  const url = `http://127.0.0.1:${String(port)}`;
  const server = new Mortal(url, { DATABASE_URL: databaseUrl, PORT: String(port), BENT_PAIL_DEMO: '1' });
  const ask = async <T extends pg.QueryResultRow>(sql: string): Promise<T[]> => {
    const client = new pg.Client({ connectionString: databaseUrl });
    await client.connect();
    const { rows } = await client.query<T>(sql);
    await client.end();
    return rows;
  };
  try {
    server.begin();
    await server.untilReady();
    const first = new Writer(url, '', 'Isla Brandreth');
    await first.signIn();
    const runs = await Promise.all(Array.from({ length: WRITERS }, () => openRun(first)));
    const writers = runs.map((runId) => new Writer(url, runId, 'Tam Oswin'));
    for (const writer of writers) await writer.signIn();
    const writing = Promise.all(writers.map((writer) => writer.write()));

    const every = Math.ceil(KILLS / DATABASE_DEATHS);
    for (let kill = 1; kill <= KILLS; kill += 1) {
      await pause(LIVES.least + random() * (LIVES.most - LIVES.least));
      if (kill % every === 0) {
        postgres.child().kill('SIGKILL');
        await postgres.start();
      }
      await server.kill();
      server.begin();
      await server.untilReady();
      if (FULL && kill % 25 === 0) process.stdout.write(`\n${String(kill)} kills, nothing lost so far\n`);
    }
    await pause(500);
    for (const writer of writers) writer.stop();
    await writing;

    const acknowledged = writers.flatMap((writer) => writer.acknowledged);
    const kept = await ask<{ id: string; run_id: string; seq: number }>('select id, run_id, seq from readings');
    const ids = new Set(kept.map(({ id }) => id));
    expect(acknowledged.filter((id) => !ids.has(id))).toEqual([]);
    expect(kept).toHaveLength(acknowledged.length);
    const places = kept.map(({ run_id, seq }) => `${run_id} ${String(seq)}`);
    expect(new Set(places).size).toBe(places.length);
    expect(acknowledged.length).toBeGreaterThan(KILLS);
    if (FULL)
      process.stdout.write(
        `\n${String(KILLS)} kills, ${String(DATABASE_DEATHS)} deaths of PostgreSQL, seed ${String(SEED)}: ${String(acknowledged.length)} readings answered, ${String(kept.length)} kept, 0 lost, 0 twice\n`,
      );
  } finally {
    await server.kill();
    await postgres.remove();
  }

  async function openRun(me: Writer): Promise<string> {
    const [materialId, lotId, runId] = [randomUUID(), randomUUID(), randomUUID()];
    const name = `Bark ${materialId.slice(0, 6)}`;
    const answer = await me.send('POST', '/quick-start', { name, protocol: 'ph-1to5', runId, materialId, lotId });
    expect(answer.status).toBe(201);
    return runId;
  }
});
