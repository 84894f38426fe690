import pg from 'pg';
import { Client } from './client';
import type { Figure } from './measure';
import { fillNotebook } from './notebook';
import { withDatabase, withServer } from './product';

/** Ten years of a nursery that measures much: half a million readings. */
const SIZE = { lots: 2000, runs: 20_000 };
const SEED = 20261130;
const TIMES = 15;
/** Rows of a file that is taken in. */
const ROWS = 50_000;

const WORDS = ['rice', 'pummice', 'bark 12', 'run 4711', 'coco peat', 'zzyzx'];

async function slowest(me: Client, addresses: readonly string[]): Promise<number> {
  let longest = 0;
  for (let i = 0; i < TIMES; i += 1)
    for (const address of addresses) longest = Math.max(longest, await me.time(address));
  return longest;
}

/** The whole notebook as JSON: until its first bytes, and until its last. */
async function written(
  me: Client,
): Promise<{ readonly first_s: number; readonly whole_s: number; readonly MB: number; readonly head: string }> {
  const began = performance.now();
  const answer = await me.open('/notebook-file/notebook.json');
  const reader = answer.body?.getReader();
  let [bytes, first_s, head] = [0, 0, ''];
  for (;;) {
    const part = await reader?.read();
    if (part === undefined || part.done) break;
    if (bytes === 0) {
      first_s = (performance.now() - began) / 1000;
      head = new TextDecoder().decode(part.value);
    }
    bytes += part.value.length;
  }
  return { first_s, whole_s: (performance.now() - began) / 1000, MB: bytes / 1e6, head };
}

const HEX = (n: number): string => n.toString(16).padStart(12, '0');

/** A file with so many readings that are new here, of runs that are here. */
async function fileOf(client: pg.Client, head: string): Promise<Buffer> {
  const { rows } = await client.query<{ row: Record<string, unknown> }>(
    `select to_jsonb(r) as row from readings r where corrects is null order by run_id, seq limit $1`,
    [ROWS],
  );
  const readings = rows.map(({ row }, i) =>
    JSON.stringify({ ...row, id: `0190b000-0000-7000-8000-${HEX(i)}`, seq: 100_000 + i }),
  );
  const level = /"level": ("[^"]*")/.exec(head)?.[1] ?? '""';
  return Buffer.from(
    `{"format": "bent-pail-notebook", "version": 1, "level": ${level}, "kinds": {"readings": [${readings.join(',\n')}]}}`,
  );
}

/** What the record does in a notebook of half a million readings. */
export const recordFigures = (): Promise<Figure[]> =>
  withDatabase(async ({ databaseUrl, env, url }) => {
    await withServer({ url, env: { ...env, BENT_PAIL_DEMO: '1' } }, () => Promise.resolve());
    const client = new pg.Client({ connectionString: databaseUrl });
    await client.connect();
    try {
      const { rows } = await client.query<{ id: string }>(`select id from users where name = 'Tam Oswin'`);
      await fillNotebook(client, String(rows[0]?.id), SIZE, SEED);
      await client.query(`set session_replication_role = 'origin'`);
      // Cards are another bench's matter.
      await client.query('update lot_cards set made = 0, wanted = 0');
      await client.query('analyze');
      const counted = await client.query<{ n: number }>('select count(*)::int as n from readings');
      process.stdout.write(`a notebook of ${String(counted.rows[0]?.n)} readings\n`);
      return await withServer({ url, env }, async (product) => {
        const me = await Client.enter(url, 'Isla Brandreth');
        const find = await slowest(
          me,
          WORDS.map((one) => `/find?for=${encodeURIComponent(one)}`),
        );
        const history = await slowest(me, ['/history', '/history?kind=corrected']);
        const out = await written(me);
        const outMemory = product.peak_MB();
        const file = await fileOf(client, out.head);
        const began = performance.now();
        const looked = await me.send(
          'PUT',
          '/notebook-file/incoming/0190b000-0000-7000-8000-ffffffffffff',
          file,
          'application/octet-stream',
        );
        const seen = (await looked.json()) as { readonly kinds: readonly { readonly added: number }[] };
        const look_s = (performance.now() - began) / 1000;
        if (looked.status !== 200 || seen.kinds[0]?.added !== ROWS)
          throw new Error(`of the file ${JSON.stringify(seen).slice(0, 500)}`);
        const begun = performance.now();
        const taken = await me.send(
          'POST',
          '/notebook-file/incoming/0190b000-0000-7000-8000-ffffffffffff',
          JSON.stringify({ others: 'ours', chosen: [] }),
        );
        if (!((await taken.json()) as { readonly isDone: boolean }).isDone)
          throw new Error(`the file was not taken in: ${String(taken.status)}`);
        const take_s = (performance.now() - begun) / 1000;
        return [
          {
            what: `find, ${String(WORDS.length)} words, slowest of ${String(TIMES)}`,
            value: find,
            unit: 'ms',
            bar: 100,
          },
          { what: `history, slowest of ${String(TIMES)}`, value: history, unit: 'ms', bar: 300 },
          { what: `whole notebook as JSON (${out.MB.toFixed(0)} MB)`, value: out.whole_s, unit: 's', bar: 30 },
          { what: 'until its first bytes', value: out.first_s, unit: 's', bar: 1 },
          { what: 'the server’s memory meanwhile', value: outMemory, unit: 'MB', bar: 300 },
          { what: `${String(ROWS)} rows of a file looked at`, value: look_s, unit: 's', bar: 20 },
          { what: 'the same taken in', value: take_s, unit: 's', bar: 20 },
          { what: 'the server’s memory after that', value: product.peak_MB(), unit: 'MB', bar: 300 },
        ];
      });
    } finally {
      await client.end();
    }
  });
