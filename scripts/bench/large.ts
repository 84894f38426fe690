import pg from 'pg';
import { Client } from './client';
import { entering, openSheet, PEOPLE, read } from './entering';
import { pages } from './largePages';
import { sleep, type Figure } from './measure';
import { fillNotebook } from './notebook';
import { runProgram, withDatabase, withServer, type Programs } from './product';

/** Ten years of a nursery that measures much. */
const SIZE = { lots: 2000, runs: 20_000 };
const SEED = 20261128;
const TIMES = 15;
const HEALTH_EVERY_MS = 50;

export const at = (times: readonly number[], share: number): number =>
  [...times].sort((a, b) => a - b)[Math.floor(share * (times.length - 1))] as number;

export async function withClient<T>(url: string, work: (client: pg.Client) => Promise<T>): Promise<T> {
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
    ['shelf', ['/lots?group=kind']],
    ['shelf, sorted by air', ['/lots?sort=air&state=measured']],
    ['bench list', ['/runs?group=state']],
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

/** Makes a notebook of ten years in a database, with its rows. */
export async function tenYears({ databaseUrl, env, url }: Programs): Promise<void> {
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
}

/** A notebook of ten years: what waits for what, in it. */
export const largeFigures = (): Promise<Figure[]> =>
  withDatabase(async (programs) => {
    const { databaseUrl, env, url } = programs;
    await tenYears(programs);
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
        const together = await entering(url, client, lotId, { for_ms: 30_000, streams: 1 });
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
