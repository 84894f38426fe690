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
import { hashOf } from '../protocols/service';
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

  it('is one whose protocol has other content under the same version, told before anything is migrated', async () => {
    const url = await emptyDatabase();
    const file = path.join(folder, 'changed.tar');
    await takeBackup(server.databaseUrl, file);
    await restoreBackup(file, url);
    await withClient(url, async (client) => {
      await client.query(`update protocols set hash = 'other' where key = 'constant-head'`);
      // As if an older version had kept it: the newest migration is still to come.
      await client.query('delete from migrations where name = $1', [MIGRATIONS.at(-1)?.name]);
    });
    const before = await untouched(url);
    await expect(openDatabase(url, folder)).rejects.toThrow(/constant-head 1 differs .*Nothing was changed/);
    expect(await untouched(url)).toEqual(before);
  });
});

describe('what ships under a version', () => {
  // A notebook keeps what it was measured by. Other content needs a new version: add a line, never change one.
  it('never changes', () => {
    const shipped = [...PROTOCOLS, ...RUBRICS].map(
      (one) => `${one.key}@${String(one.version)} ${hashOf(one).slice(0, 16)}`,
    );
    expect(shipped).toMatchInlineSnapshot(`
      [
        "saturate-drain-dry@2 b9ee080eadd52b2c",
        "kitchen-form@1 1d9362cb0934ef37",
        "suction-table@1 dbf61684dbd893f5",
        "several-depths@1 c06bc6593a5af5e0",
        "stacked-rings@1 58aca1d33ed40f51",
        "dry-bulk-density@1 a99d22421098ef17",
        "heft@1 f590ce141649e350",
        "evenness@1 6b1dd11f094457fb",
        "drain-curve@2 473893cba28165b2",
        "pour-test@1 26c8d95cf738ad47",
        "constant-head@1 1c0f35d29a148fda",
        "falling-head@1 1545d9d1cff8e966",
        "drop-penetration@1 3df24a333fa4ae50",
        "hydration@1 8480d13a134253bd",
        "ph-1to5@1 8098515466f639b4",
        "ph-1to2@1 ae07f7a64e6d4df2",
        "ph-paste@1 0e44e219f6d92436",
        "ph-cacl2@1 a3af8896e4a36bc8",
        "pour-through@1 a63a1183007a8281",
        "ec-1to2@1 f880332b3ca48bda",
        "ec-1to5@1 a2413457a11b2f27",
        "buffering@1 098a7cfcac943f57",
        "rinse@1 8d724402f1029075",
        "sieve@1 91dac8ef273f59be",
        "sieve-yield@1 070fad5eb5e049aa",
        "friability@1 20dc7ea75817db49",
        "jar@1 a23833094c811c0b",
        "palm-grit@1 eddabc0cc7244cdf",
        "float@1 cc0e44815dc9610e",
        "grain-card@1 984ffcdc5824de92",
        "squeeze@1 fbf54330a15d062d",
        "ball-ribbon@1 4d5146a9af8eb697",
        "smell@1 ed85a2d606d1f7b0",
        "look@1 631e373063c7e31a",
        "look-fresh-dry@1 ed5b1e4affaaa981",
        "rinse-colour@1 5058a368f5d8b982",
        "maturity@1 417245c331f437e8",
        "weeds@1 61f214fd50346a00",
        "pests@1 8001c1d5d8fd2491",
        "unknowns@2 3c0da941ade5a979",
        "bag-volume@1 9d281bfae016f72c",
        "expansion@1 e0b46e55a101278c",
        "lab-report@1 5173e513e4a78dec",
        "settling@2 6dd487acc86372f7",
        "pots-all-round@1 68f2cf9a1805bb24",
      ]
    `);
  });
});
