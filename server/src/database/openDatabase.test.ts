import { randomUUID } from 'node:crypto';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { PROTOCOLS, RUBRICS } from '@bent-pail/core';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { contentsOf, differing } from '../backup/contents';
import { lookInto, restoreBackup } from '../backup/restore';
import { takeBackup } from '../backup/take';
import { fillSheet, putOnShelf, startRun } from '../testing/bench';
import { startTestServer, type TestServer } from '../testing/testServer';
import { contentHash } from './contentHash';
import { openDatabase } from './openDatabase';
import { MIGRATIONS } from './migrations';

const admin = inject('databaseUrl');
const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'bent-pail-backup-test-'));
const made: string[] = [];
let server: TestServer;

async function withClient<T>(url: string, work: (client: pg.Client) => Promise<T>): Promise<T> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    return await work(client);
  } finally {
    await client.end();
  }
}

async function emptyDatabase(template?: string): Promise<string> {
  const name = `b_${randomUUID().replaceAll('-', '')}`;
  const like = template === undefined ? '' : ` template ${template}`;
  await withClient(admin, (client) => client.query(`create database ${name}${like}`));
  made.push(name);
  return admin.replace(/\/[^/]+$/, `/${name}`);
}

beforeAll(async () => {
  server = await startTestServer();
  const lead = await server.as('lead');
  const shelf = await putOnShelf(lead);
  const run = await startRun(lead, shelf);
  await fillSheet(server, lead, run);
  await lead.post(`/runs/${run.id}/notes`, { id: uuidv7(), text: 'Grüße; "quoted", \\ and ½' });
});
afterAll(async () => {
  await server.close();
  for (const name of made) await withClient(admin, (client) => client.query(`drop database ${name} with (force)`));
  fs.rmSync(folder, { recursive: true, force: true });
});

describe('a backup', () => {
  it('restored into an empty database holds every row as it was, and opens', async () => {
    const file = path.join(folder, 'whole.tar');
    const manifest = await takeBackup(server.databaseUrl, file);
    expect(manifest).toMatchObject({ format: 1, demo: true, place: 'Tollgarth' });
    expect(manifest.contents.readings?.rows).toBe(1 + 3 * 8);
    const url = await emptyDatabase();
    await restoreBackup(file, url);
    const [before, after] = await Promise.all(
      [server.databaseUrl, url].map((one) => withClient(one, (client) => contentsOf(client))),
    );
    expect(differing(before as never, after as never)).toEqual([]);
    expect(Object.keys(before as object)).toContain('kept_once');
    const db = await openDatabase(url, folder);
    expect(await db.query('select text from run_notes')).toEqual([{ text: 'Grüße; "quoted", \\ and ½' }]);
    expect(await db.query('select count(*)::int as n from session')).toEqual([{ n: 0 }]);
    await db.destroy();
  });

  it('shows one moment, whatever is written meanwhile', async () => {
    const lead = await server.as('lead');
    const writing = Promise.all(
      Array.from({ length: 40 }, () => lead.post('/materials', { id: uuidv7(), name: 'Meanwhile', kind: 'material' })),
    );
    const file = path.join(folder, 'meanwhile.tar');
    const { contents } = await takeBackup(server.databaseUrl, file);
    await writing;
    const url = await emptyDatabase();
    // Restoring compares each table with the manifest, and throws where they differ.
    expect((await restoreBackup(file, url)).contents).toEqual(contents);
  });

  it('never overwrites a file, and is none of an empty database', async () => {
    const file = path.join(folder, 'there.tar');
    fs.writeFileSync(file, 'mine');
    await expect(takeBackup(server.databaseUrl, file)).rejects.toThrow(/is there already/);
    expect(fs.readFileSync(file, 'utf8')).toBe('mine');
    await expect(takeBackup(await emptyDatabase(), path.join(folder, 'nothing.tar'))).rejects.toThrow(
      /nothing in this/,
    );
    expect(fs.readdirSync(folder).filter((name) => name.startsWith('nothing'))).toEqual([]);
  });

  it('is restored into an empty database only, and from a whole file only', async () => {
    const file = path.join(folder, 'good.tar');
    await takeBackup(server.databaseUrl, file);
    await expect(restoreBackup(file, server.databaseUrl)).rejects.toThrow(/into an empty one only/);
    const url = await emptyDatabase();
    const cut = path.join(folder, 'cut.tar');
    fs.writeFileSync(cut, fs.readFileSync(file).subarray(0, 4000));
    await expect(restoreBackup(cut, url)).rejects.toThrow(/no backup of a notebook, or only a part/);
    const damaged = path.join(folder, 'damaged.tar');
    const bytes = fs.readFileSync(file);
    bytes[bytes.length - 20_000] = (bytes[bytes.length - 20_000] as number) ^ 0xff;
    fs.writeFileSync(damaged, bytes);
    await expect(restoreBackup(damaged, url)).rejects.toThrow(/damaged/);
    await expect(restoreBackup(path.join(folder, 'none.tar'), url)).rejects.toThrow(/no file/);
    await expect(lookInto(damaged)).resolves.toMatchObject({ format: 1 });
    // After all that the database is still empty, and takes the good one.
    await restoreBackup(file, url);
  });
});

describe('a notebook that must not be opened', () => {
  const untouched = async (url: string): Promise<unknown> => withClient(url, (client) => contentsOf(client));

  it('is one that a newer version has opened', async () => {
    const file = path.join(folder, 'newer.tar');
    await takeBackup(server.databaseUrl, file);
    const url = await emptyDatabase();
    await restoreBackup(file, url);
    await withClient(url, (client) =>
      client.query(`insert into migrations (timestamp, name) values (9999999999999, 'Future9999999999999')`),
    );
    const before = await untouched(url);
    await expect(openDatabase(url, folder)).rejects.toThrow(
      /last opened by a newer Bent Pail .*Future.* Nothing was changed/,
    );
    expect(await untouched(url)).toEqual(before);
    const backup = path.join(folder, 'of-newer.tar');
    await takeBackup(url, backup);
    await expect(restoreBackup(backup, await emptyDatabase())).rejects.toThrow(/made by a newer Bent Pail/);
  });

  it('is one that can only be read, as a replica', async () => {
    const url = await emptyDatabase();
    const name = new URL(url).pathname.slice(1);
    await withClient(admin, (client) => client.query(`alter database ${name} set default_transaction_read_only = on`));
    await expect(openDatabase(url, folder)).rejects.toThrow(/can only be read/);
  });

  it('is one whose protocol has other content under the same version, told before anything is migrated', async () => {
    const url = await emptyDatabase();
    const file = path.join(folder, 'changed.tar');
    await takeBackup(server.databaseUrl, file);
    await restoreBackup(file, url);
    await withClient(url, async (client) => {
      await client.query('alter table protocols disable trigger user');
      await client.query(
        `update protocols set body = jsonb_set(body, '{label}', '"Other"') where key = 'constant-head'`,
      );
      await client.query('alter table protocols enable trigger user');
      // As if an older version had kept it: the newest migration is still to come.
      await client.query('delete from migrations where name = $1', [MIGRATIONS.at(-1)?.name]);
    });
    const before = await untouched(url);
    await expect(openDatabase(url, folder)).rejects.toThrow(/constant-head 1 differs .*Nothing was changed/);
    expect(await untouched(url)).toEqual(before);
  });
});

/**
 * What was released, with its content in short: a notebook keeps what it was measured by. Other content needs a new
 * version and a line more; a line that stands is never changed.
 */
const RELEASED: Readonly<Record<string, string>> = {
  'saturate-drain-dry@2': 'ae6ec13adbf5ef4a',
  'kitchen-form@1': '7f2329b1d346d5c2',
  'suction-table@1': '97c8d95252df6f12',
  'several-depths@1': 'c7b97ac1e6dd3026',
  'stacked-rings@1': '06193f0cd78e3ac5',
  'dry-bulk-density@1': 'b46bfee9232e3be0',
  'heft@1': '1f31ac029bbd0b9f',
  'evenness@1': 'fd4be3ed71f26f94',
  'drain-curve@2': '2625651fe418a637',
  'pour-test@1': 'ac1f9e1446ca8f6e',
  'constant-head@1': '7f727b6595946325',
  'falling-head@1': 'a877e6763aee130e',
  'drop-penetration@1': '3922489ec62684bb',
  'hydration@1': '522396ee45a70381',
  'ph-1to5@1': 'de5c7294a479804d',
  'ph-1to2@1': 'f987cd67a6e3cfd7',
  'ph-paste@1': '7235147120d556de',
  'ph-cacl2@1': '9a034d1c32b78719',
  'pour-through@1': '54b1022d53cd61fc',
  'ec-1to2@1': 'a5fec51230636af0',
  'ec-1to5@1': '011511e1fd77e97d',
  'buffering@1': '4d66b5c289977d71',
  'rinse@1': '75b208ce3a610873',
  'sieve@1': 'e4dbae16a13b5a8d',
  'sieve-yield@1': 'd3f0d2ae88a39585',
  'friability@1': 'eec1e4f871fb41fc',
  'jar@1': '2525a7c67e9a1f96',
  'palm-grit@1': '1424b56d0337dd74',
  'float@1': 'e17a8a4b51b0cf10',
  'grain-card@1': '4fd6bbe67ed2db24',
  'squeeze@1': '14b3e6afca9c410d',
  'ball-ribbon@1': '07115286f639895b',
  'smell@1': '305e75a50d00ce06',
  'look@1': '881a9585757138dc',
  'look-fresh-dry@1': '8b04b0743a10f119',
  'rinse-colour@1': '3ca9fbf85a7174fa',
  'maturity@1': 'bc964f2f3271ce0a',
  'weeds@1': 'c656cd1c641f4219',
  'pests@1': '96d8dc3ef5e3c044',
  'unknowns@2': 'c7c521d061c2c3b7',
  'bag-volume@1': 'a9bbde749b972e08',
  'expansion@1': '2fe4b311b239c246',
  'lab-report@1': 'd4acb795041835e0',
  'settling@2': '25dd02dcbfbfa723',
  'pots-all-round@1': 'caf3af6e4432c002',
  'wet-mat@1': '3f9cdd09c7f96056',
  'squeeze@2': '7444616d1976790a',
  'palm-grit@2': '6f5cbf4d83f45d3b',
  'maturity@2': '573f26e9ad0b6562',
  'grain-card@2': '4200ca4480379364',
  'pour-test@2': '524c6280b62abb84',
  'rinse@2': 'b63454c5dd3ec2f1',
  'kitchen-form@2': '9e7730c815716351',
  'dust@1': '9295be40dd6b0b25',
  'separation@1': '3cfeede3fcc540fe',
  'sets-hard@1': 'c2f7bcaceb9bc0ba',
  'durability@1': '8b734a2c51cc7650',
  'saturate-drain-dry@3': '108f2c9b7f477092',
  'kitchen-form@3': 'f806df05fc07e4a4',
  'several-depths@2': '41bf8272305afece',
};

describe('what ships under a version', () => {
  const shipped = [...PROTOCOLS, ...RUBRICS].map((one) => ({
    key: one.key,
    name: `${one.key}@${String(one.version)}`,
    hash: contentHash(one).slice(0, 16),
  }));

  it.each(shipped.filter(({ name }) => name in RELEASED))('never changes: $name', ({ name, hash }) => {
    expect(hash).toBe(RELEASED[name]);
  });

  it('is never taken away: what was measured by it can be measured again', () => {
    const keys = new Set(shipped.map(({ key }) => key));
    expect(Object.keys(RELEASED).filter((name) => !keys.has(name.replace(/@.*/, '')))).toEqual([]);
  });
});
