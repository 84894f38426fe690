/// <reference lib="dom" />
import { randomUUID } from 'node:crypto';
import fs from 'node:fs';
import { chromium } from '@playwright/test';
import pg from 'pg';
import { Client } from './client';
import type { Figure } from './measure';
import { fillNotebook } from './notebook';
import { CHROMIUM, runProgram, withDatabase, withServer } from './product';

/** Ten years of a nursery that measures much. */
const SIZE = { lots: 2000, runs: 20_000 };
const SEED = 20261128;
const PEOPLE = 50;
const EVERY_MS = 2000;
const ENTERING_MS = 30_000;
const TIMES = 15;
const HEALTH_EVERY_MS = 50;

const at = (times: readonly number[], share: number): number =>
  [...times].sort((a, b) => a - b)[Math.floor(share * (times.length - 1))] as number;

const sleep = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

async function withClient<T>(url: string, work: (client: pg.Client) => Promise<T>): Promise<T> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    return await work(client);
  } finally {
    await client.end();
  }
}

/** What PostgreSQL has spent on statements of this database so far, ms. */
const spentBy = async (client: pg.Client): Promise<number> => {
  // Sessions tell of what they did only once a second.
  await sleep(1200);
  const { rows } = await client.query<{ spent: number }>(
    'select active_time as spent from pg_stat_database where datname = current_database()',
  );
  return rows[0]?.spent ?? 0;
};

/** Lists and pages at the server: the slowest of several, with PostgreSQL's own share of the mean beside it. */
async function routes(me: Client, client: pg.Client): Promise<Figure[]> {
  const { rows: lots } = await client.query<{ id: string }>('select id from lots order by created_at, id limit 12');
  const { rows: blends } = await client.query<{ blend_id: string }>(
    'select blend_id from blend_versions order by jsonb_array_length(flat) desc limit 1',
  );
  const asked: readonly (readonly [string, readonly string[]])[] = [
    ['shelf', ['/lots?kind=material', '/lots?kind=product']],
    ['shelf, sorted by air', ['/lots?sort=air&state=measured']],
    ['bench list', ['/runs?state=open', '/runs?state=finished']],
    ['a lot’s card', [`/lots/${String(lots[0]?.id)}`]],
    ['blend list', ['/blends']],
    [
      'blend desk, 12 lots',
      [
        '/lots/desk',
        `/lots/desk?ids=${lots.map(({ id }) => id).join(',')}`,
        '/blends/desk',
        `/blends/${String(blends[0]?.blend_id)}`,
        '/learning',
      ],
    ],
    ['Today', ['/today', '/counts', '/instruments']],
  ];
  const figures: Figure[] = [];
  for (const [what, addresses] of asked) {
    const before = await spentBy(client);
    const times: number[] = [];
    for (let i = 0; i < TIMES; i += 1) {
      const began = performance.now();
      await Promise.all(addresses.map((address) => me.time(address)));
      times.push(performance.now() - began);
    }
    const own = ((await spentBy(client)) - before) / TIMES;
    figures.push({
      what: `${what}: server, slowest of ${String(TIMES)} (PostgreSQL ${own.toFixed(0)} ms)`,
      value: Math.max(...times),
      unit: 'ms',
      bar: 300,
    });
  }
  return figures;
}

/** Pages in a real browser: from the address to what one came for. */
async function pages(url: string, client: pg.Client): Promise<Figure[]> {
  if (!fs.existsSync(CHROMIUM)) return [];
  const { rows: lots } = await client.query<{ id: string }>('select id from lots order by created_at, id limit 1');
  const { rows: blends } = await client.query<{ blend_id: string }>(
    'select blend_id from blend_versions order by jsonb_array_length(flat) desc limit 1',
  );
  const views: readonly (readonly [string, string, string])[] = [
    ['shelf', '/shelf', '.shelf-rows tbody tr'],
    ['bench list', '/bench', 'table.rows tbody tr'],
    ['a lot’s card', `/shelf/lots/${String(lots[0]?.id)}`, '.props'],
    ['blend list', '/blend', 'table.rows tbody tr'],
    ['blend desk, 12 lots', `/blend/${String(blends[0]?.blend_id)}`, '[data-value]'],
    ['Today', '/', 'main.today'],
  ];
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox', '--disable-gpu'] });
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(url);
    await page.evaluate(async () => {
      await fetch('/api/session/demo', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ name: 'Tam Oswin' }),
      });
    });
    await page.addInitScript(
      (selectors: readonly string[]) => {
        const seen: Record<string, number> = {};
        Object.assign(globalThis, { seen });
        new MutationObserver(() => {
          for (const one of selectors) {
            if (one in seen || document.querySelector(one) === null) continue;
            seen[one] = 0;
            // After the frame that shows it.
            requestAnimationFrame(() => setTimeout(() => (seen[one] = performance.now())));
          }
        }).observe(document, { childList: true, subtree: true });
      },
      views.map(([, , there]) => there),
    );
    const figures: Figure[] = [];
    for (const [what, address, there] of views) {
      const times: number[] = [];
      for (let i = 0; i < 6; i += 1) {
        await page.goto(url + address, { waitUntil: 'commit' });
        const shown = await page.waitForFunction(
          (one) => (globalThis as unknown as { seen?: Record<string, number> }).seen?.[one],
          there,
        );
        // The first visit fetches the station's script, as after an update.
        if (i > 0) times.push(Number(await shown.jsonValue()));
      }
      figures.push({
        what: `${what}: usable in Chromium, slowest of 5`,
        value: Math.max(...times),
        unit: 'ms',
        bar: 1000,
      });
    }
    return figures;
  } finally {
    await browser.close();
  }
}

interface Sheet {
  readonly me: Client;
  readonly runId: string;
}

async function openSheet(url: string, name: string, lotId: string): Promise<Sheet> {
  const me = await Client.enter(url, name);
  const runId = randomUUID();
  const settings = { packingHabit: 'tapped', soak_min: 30, drain_min: 60, ovenTemp_C: 104 };
  const answer = await me.send(
    'POST',
    '/runs',
    JSON.stringify({ id: runId, lotId, protocol: 'ph-1to5', replicates: 12, vesselIds: [], settings }),
  );
  if (answer.status !== 201)
    throw new Error(`opening a sheet answered ${String(answer.status)}: ${await answer.text()}`);
  return { me, runId };
}

async function read({ me, runId }: Sheet, i: number): Promise<number> {
  const reading = {
    id: randomUUID(),
    replicate: i % 12,
    step: 'pH',
    value: 5 + (i % 100) / 100,
    takenAt: new Date().toISOString(),
  };
  const began = performance.now();
  const answer = await me.send('POST', `/runs/${runId}/readings`, JSON.stringify(reading));
  await answer.text();
  if (answer.status !== 201) throw new Error(`a reading answered ${String(answer.status)}`);
  return performance.now() - began;
}

/** Fifty people, each with their sheet and their stream, a reading every two seconds. */
async function entering(url: string, client: pg.Client, lotId: string): Promise<number[]> {
  const names = Array.from({ length: PEOPLE }, (_, i) => `Person ${String(i + 1)}`);
  await client.query(
    `insert into users (id, name, role, password_hash, single_keys) select gen_random_uuid(), name, 'tester', '-', true from unnest($1::text[]) name`,
    [names],
  );
  const sheets: Sheet[] = [];
  for (const name of names) sheets.push(await openSheet(url, name, lotId));
  const stop = new AbortController();
  const streams = sheets.map(({ me }) =>
    me.listen(stop.signal).catch((error: unknown) => {
      if (!stop.signal.aborted) throw error;
    }),
  );
  const times: number[] = [];
  const until = Date.now() + ENTERING_MS;
  await Promise.all(
    sheets.map(async (sheet, person) => {
      await sleep((person * EVERY_MS) / PEOPLE);
      for (let i = 0; Date.now() < until; i += 1) {
        const next = sleep(EVERY_MS);
        times.push(await read(sheet, i));
        await next;
      }
    }),
  );
  stop.abort();
  await Promise.all(streams);
  return times;
}

/** The longest that the server kept somebody waiting for /health while it worked all cards out. */
async function whileRebuilding(
  url: string,
  client: pg.Client,
): Promise<{ readonly health_ms: number; readonly rebuilt_s: number }> {
  await client.query('update lot_cards set made = 0');
  const began = performance.now();
  await client.query(`select pg_notify('lot_cards', '')`);
  let longest = 0;
  for (;;) {
    const asked = performance.now();
    const answer = await fetch(`${url}/api/health`);
    await answer.text();
    longest = Math.max(longest, performance.now() - asked);
    const { rows } = await client.query<{ n: number }>('select count(*)::int as n from lot_cards where wanted <> made');
    if (rows[0]?.n === 0) return { health_ms: longest, rebuilt_s: (performance.now() - began) / 1000 };
    await sleep(HEALTH_EVERY_MS);
  }
}

/** A notebook of ten years: what waits for what, in it. */
export const largeFigures = (): Promise<Figure[]> =>
  withDatabase(async (programs) => {
    const { databaseUrl, env, url } = programs;
    // The tables and the demo's people; what is in it is made.
    await withServer({ url, env: { ...env, BENT_PAIL_DEMO: '1' } }, () => Promise.resolve());
    const readings = await withClient(databaseUrl, async (client) => {
      const { rows } = await client.query<{ id: string }>(`select id from users where name = 'Tam Oswin'`);
      await fillNotebook(client, String(rows[0]?.id), SIZE, SEED);
      return (await client.query<{ n: number }>('select count(*)::int as n from readings')).rows[0]?.n ?? 0;
    });
    process.stdout.write(
      `a notebook of ${String(SIZE.lots)} lots, ${String(SIZE.runs)} runs, ${String(readings)} readings\n`,
    );
    runProgram('rebuild', env);
    return withServer({ url, env }, (product) =>
      withClient(databaseUrl, async (client) => {
        const me = await Client.enter(url, 'Tam Oswin');
        const figures: Figure[] = [
          { what: 'cold start', value: product.ready_ms / 1000, unit: 's', bar: 10 },
          ...(await routes(me, client)),
          ...(await pages(url, client)),
        ];
        const { rows } = await client.query<{ id: string }>('select id from lots order by created_at, id limit 1');
        const lotId = String(rows[0]?.id);
        const alone: number[] = [];
        for (let sheets = 0; sheets < 12; sheets += 1) {
          const sheet = await openSheet(url, 'Tam Oswin', lotId);
          for (let i = 0; i < 24; i += 1) alone.push(await read(sheet, i));
        }
        const together = await entering(url, client, lotId);
        figures.push(
          { what: 'a reading kept with its rows, one person, p95', value: at(alone, 0.95), unit: 'ms', bar: 20 },
          {
            what: `a reading kept, ${String(PEOPLE)} people, p95 of ${String(together.length)}`,
            value: at(together, 0.95),
            unit: 'ms',
            bar: 60,
          },
          { what: 'the server’s memory with their streams', value: product.peak_MB(), unit: 'MB', bar: 300 },
        );
        const { health_ms, rebuilt_s } = await whileRebuilding(url, client);
        figures.push(
          {
            what: `/health while all cards are made anew (${rebuilt_s.toFixed(0)} s), slowest`,
            value: health_ms,
            unit: 'ms',
            bar: 100,
          },
          { what: 'the server’s memory after that', value: product.peak_MB(), unit: 'MB', bar: 300 },
        );
        return figures;
      }),
    );
  });
