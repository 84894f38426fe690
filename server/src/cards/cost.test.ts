import path from 'node:path';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startTestServer, type Client, type TestServer } from '../testing/testServer';
import { rowsRead, type Asked } from '../testing/rowsRead';

interface Generator {
  readonly fillNotebook: (
    client: pg.Client,
    by: string,
    size: { readonly lots: number; readonly runs: number },
    seed: number,
  ) => Promise<void>;
}

/** A notebook, its ids, and somebody who reads in it. */
interface Large {
  readonly server: TestServer;
  readonly me: Client & { readonly me: { readonly id: string } };
  readonly lotId: string;
  readonly blendId: string;
}

const ROOT = path.resolve(import.meta.dirname, '../../..');
const LOTS = 120;

async function filled(runs: number): Promise<Large> {
  const { fillNotebook } = (await import(path.join(ROOT, 'scripts/bench/notebook.ts'))) as Generator;
  const server = await startTestServer();
  const me = await server.as('tester');
  const client = new pg.Client({ connectionString: server.databaseUrl });
  await client.connect();
  await fillNotebook(client, me.me.id, { lots: LOTS, runs }, 7);
  await client.end();
  await server.app.cards.settled();
  const [lot] = await server.db.query<{ id: string }[]>('select id from lots order by created_at limit 1');
  const [blend] = await server.db.query<{ id: string }[]>('select id from blends order by created_at desc limit 1');
  return { server, me, lotId: String(lot?.id), blendId: String(blend?.id) };
}

let small: Large;
let large: Large;
beforeAll(async () => {
  small = await filled(LOTS);
  large = await filled(10 * LOTS);
});
afterAll(async () => {
  await small.server.close();
  await large.server.close();
});

const asked = ({ server, me }: Large, address: string): Promise<Asked> =>
  rowsRead(server.db, async () => {
    const { status, body } = await me.get(address);
    expect(status, `${address}: ${JSON.stringify(body).slice(0, 200)}`).toBe(200);
  });

describe('a notebook with ten times the readings', () => {
  it('has them', async () => {
    const count = async ({ server }: Large): Promise<number> =>
      (await server.db.query<{ n: number }[]>('select count(*)::int as n from readings'))[0]?.n ?? 0;
    expect(await count(small)).toBeGreaterThan(2000);
    expect((await count(large)) / (await count(small))).toBeGreaterThan(9);
  });

  it.each([
    ['the shelf', () => '/lots?kind=material'],
    ['the shelf, sorted and searched', () => '/lots?sort=air&state=measured&find=bark'],
    ['the list of runs', () => '/runs?state=finished'],
    ['Today', () => '/today'],
    ['the calendar', () => '/today.ics'],
    ['the list of blends', () => '/blends'],
    ['the desk’s lots', ({ lotId }: Large) => `/lots/desk?ids=${lotId}`],
    ['the desk’s blends', () => '/blends/desk'],
    ['a blend', ({ blendId }: Large) => `/blends/${blendId}`],
    ['a lot’s card', ({ lotId }: Large) => `/lots/${lotId}`],
    ['what batches taught', () => '/learning'],
    ['the scorecards', () => '/scorecards'],
    ['the bench edge', () => '/counts'],
  ] as const)('%s reads none of them, with as many questions', async (_, address) => {
    const [few, many] = [await asked(small, address(small)), await asked(large, address(large))];
    expect(few.queries).toBeGreaterThan(0);
    expect(many.queries).toBe(few.queries);
    expect(many.rows.readings ?? 0).toBe(0);
    expect(many.rows.exclusions ?? 0).toBe(0);
  });

  it('a sheet reads its own readings and no others', async () => {
    const [run] = await large.server.db.query<{ id: string; n: number }[]>(
      'select r.id, r.reading_seq as n from runs r where finished_at is not null order by number limit 1',
    );
    const { rows } = await asked(large, `/runs/${String(run?.id)}`);
    expect(rows.readings).toBe(run?.n);
  });
});

describe('what every form takes whole', () => {
  const own = `select gen_random_uuid() as id from generate_series(1, 50)`;
  const guide = (kind: string): string =>
    `insert into guides (id, kind, content, version, kept_at)
     select gen_random_uuid(), kind, content, 1, now() from (select * from guides where kind = '${kind}' limit 1) g,
     generate_series(1, 50)`;

  it.each([
    [
      '/vessels',
      `with made as (insert into vessels (id, name, kind, created_at) select id, 'V ' || id, 'vessel', now() from (${own}) o returning id)
       insert into vessel_fillings (id, vessel_id, empty_g, full_g, water_temp_c, kept_at)
       select gen_random_uuid(), id, 300, 1300, 20, now() from made`,
    ],
    [
      '/instruments',
      `with made as (insert into instruments (id, name, kind, shows_mv, created_at)
         select id, 'Pen ' || id, 'pH', true, now() from (${own}) o returning id)
       insert into calibrations (id, instrument_id, at, temp_c, points, by_user, kept_at)
       select gen_random_uuid(), made.id, now() - n * interval '1 day', 20,
         '[{"nominal": 4.01, "shown": 171}, {"nominal": 7, "shown": 0}]', (select id from users limit 1), now()
       from made, generate_series(1, 20) n`,
    ],
    ['/plants', guide('plant')],
    [
      '/users',
      `insert into users (id, name, role, password_hash, single_keys) select id, 'Panellist ' || id, 'panellist', '', true from (${own}) o`,
    ],
    [
      '/protocols',
      `insert into protocols (key, version, hash, body, by_user, kept_at)
       select 'copy-' || o.id, 1, 'h' || o.id, jsonb_set(body, '{key}', to_jsonb('copy-' || o.id)), (select id from users limit 1), now()
       from (select body from protocols limit 1) p, (${own}) o`,
    ],
  ])('%s asks as often for fifty more as for a few', async (address, fiftyMore) => {
    const length = async (): Promise<number> => (await small.me.get<unknown[]>(address)).body.length;
    await small.server.db.query(fiftyMore);
    const [before, few] = [await length(), await asked(small, address)];
    await small.server.db.query(fiftyMore);
    expect(await length()).toBe(before + 50);
    const many = await asked(small, address);
    expect(many.queries).toBe(few.queries);
  });
});

describe('a list that is asked page by page', () => {
  const all = async (address: string, limit: number): Promise<{ readonly id: string }[]> => {
    const rows: { readonly id: string }[] = [];
    let after = '';
    for (;;) {
      const { body } = await large.me.get<{ rows: { id: string }[]; next?: string; total: number }>(
        `${address}&limit=${String(limit)}${after === '' ? '' : `&after=${after}`}`,
      );
      rows.push(...body.rows);
      expect(body.rows.length).toBeLessThanOrEqual(limit);
      if (body.next === undefined) {
        expect(body.total).toBe(rows.length);
        return rows;
      }
      after = body.next;
    }
  };

  it.each([
    '/lots?sort=newest',
    '/lots?sort=name',
    '/lots?sort=air',
    '/lots?sort=price',
    '/lots?sort=ph&direction=down',
    '/lots?kind=product',
    '/lots?find=bark',
    '/runs?state=finished',
    '/runs?sort=lot',
    '/runs?protocol=ph-1to5&sort=number&direction=up',
    '/blends?sort=air',
    '/blends?sort=price',
    '/lots?group=class&sort=air',
    '/runs?group=state',
    '/blends?group=pot&sort=name',
  ])('%s gives every row once, in the order of one long page', async (address) => {
    const rows = await all(address, 97);
    const ids = rows.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    const whole = await all(address, 200);
    expect(ids).toEqual(whole.map(({ id }) => id));
    expect(ids.length).toBeGreaterThan(2);
  });

  it('puts what has no value last, whichever way it is sorted', async () => {
    await large.server.db.query('update lot_cards set air = null where lot_id = $1', [large.lotId]);
    for (const direction of ['up', 'down'])
      expect((await all(`/lots?sort=air&direction=${direction}`, 50)).at(-1)?.id).toBe(large.lotId);
  });

  it.each([
    ['/lots?after=nonsense', 'after'],
    ['/lots?limit=0', 'limit'],
    ['/lots?limit=9999', 'limit'],
    ['/lots?sort=smell', 'sort'],
    ['/lots?colour=red', 'colour'],
    ['/lots?ids=1', 'ids'],
    ['/runs?from=yesterday', 'from'],
    ['/runs?lot=7', 'lot'],
    [`/lots?after=${Buffer.from('["a","b"]').toString('base64url')}`, 'after'],
    [`/runs?after=${Buffer.from('["never","00000000-0000-0000-0000-000000000000"]').toString('base64url')}`, 'after'],
  ])('%s is refused at its place', async (address, at) => {
    const { status, body } = await large.me.get(address);
    expect(status).toBe(422);
    expect(body).toMatchObject({ error: { path: at } });
  });

  it('knows days by the notebook’s own clock', async () => {
    const day = (
      await large.me.get<{ rows: { startedAt: string }[] }>('/runs?state=finished&limit=1')
    ).body.rows[0]?.startedAt.slice(0, 10);
    const on = await large.me.get<{ rows: { startedAt: string }[]; total: number }>(
      `/runs?from=${String(day)}&to=${String(day)}`,
    );
    expect(on.body.total).toBeGreaterThan(0);
    expect(on.body.rows.every(({ startedAt }) => startedAt.startsWith(String(day)))).toBe(true);
  });
});
