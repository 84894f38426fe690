import { randomUUID } from 'node:crypto';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { gunzipSync } from 'node:zlib';
import pg from 'pg';
import { afterAll, describe, expect, inject, it } from 'vitest';
import { rebuildCards } from '../cards/rebuild';
import { pageOfLots } from '../shelf/repository';
import { contentsOf } from '../backup/contents';
import { restoreBackup } from '../backup/restore';
import { MIGRATIONS } from './migrations';
import { openDatabase } from './openDatabase';

const FOLDER = path.resolve(import.meta.dirname, '../testing/formerReleases');
const ALL = fs.readdirSync(FOLDER).flatMap((file) => /^(.+)\.sql\.gz$/.exec(file)?.[1] ?? []);
/** The newest in each test run and another one each day; `npm run crash` has all. */
const OF_TODAY = Number(process.env.BENT_PAIL_SEED ?? 0) % (ALL.length - 1);
const RELEASES = ALL.filter((_, i) => process.env.BENT_PAIL_CRASH === 'full' || i === ALL.length - 1 || i === OF_TODAY);

/** What a lot's row said in that release. */
interface Said {
  readonly name: string;
  readonly finishedRuns: number;
  readonly water?: number;
  readonly air?: number;
  readonly stock_L?: number;
}

async function administer(url: string, sql: string): Promise<void> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  await client.query(sql);
  await client.end();
}

describe.each(RELEASES)('a notebook kept by release %s', (release) => {
  const name = `former_${randomUUID().replaceAll('-', '')}`;
  const url = inject('databaseUrl').replace(/\/[^/]+$/, `/${name}`);

  const backups = fs.mkdtempSync(path.join(os.tmpdir(), 'bent-pail-former-'));

  afterAll(async () => {
    await administer(inject('databaseUrl'), `drop database if exists ${name} with (force)`);
    await administer(inject('databaseUrl'), `drop database if exists ${name}_again with (force)`);
    await administer(inject('databaseUrl'), `drop database if exists ${name}_stuck with (force)`);
    fs.rmSync(backups, { recursive: true, force: true });
  });

  it('opens, and every lot that was measured says what it said then', async () => {
    await administer(inject('databaseUrl'), `create database ${name}`);
    await administer(url, gunzipSync(fs.readFileSync(path.join(FOLDER, `${release}.sql.gz`))).toString('utf8'));
    const db = await openDatabase(url, backups);
    try {
      const said = JSON.parse(fs.readFileSync(path.join(FOLDER, `${release}.json`), 'utf8')) as Record<string, Said>;
      await rebuildCards(db);
      const { rows } = await pageOfLots(db.manager, { limit: 200 });
      expect(rows.map((row) => row.code).sort()).toEqual(Object.keys(said).sort());
      for (const row of rows) {
        const before = said[row.code] as Said;
        expect(row).toMatchObject({ name: before.name, finishedRuns: before.finishedRuns });
        expect(row.stock_L).toBe(before.stock_L);
        if (before.water === undefined || before.air === undefined) continue;
        // One that nobody measured is as others of its material are by now, or as its class.
        if (row.pail?.kind !== 'measured') continue;
        expect(row.pail.water).toBeCloseTo(before.water, 8);
        expect(row.pail.air).toBeCloseTo(before.air, 8);
      }
    } finally {
      await db.destroy();
    }
  });

  it('is as it was where it cannot be brought up to date, and opens once what stood in the way is gone', async () => {
    const stuck = `${url}_stuck`;
    await administer(inject('databaseUrl'), `create database ${name}_stuck`);
    await administer(stuck, gunzipSync(fs.readFileSync(path.join(FOLDER, `${release}.sql.gz`))).toString('utf8'));
    // In the way of a late step.
    await administer(stuck, 'create table rate_hits (key text)');
    const contents = async () => {
      const client = new pg.Client({ connectionString: stuck });
      await client.connect();
      const found = await contentsOf(client);
      await client.end();
      return found;
    };
    const before = await contents();
    const kept = fs.mkdtempSync(path.join(os.tmpdir(), 'bent-pail-former-'));
    await expect(openDatabase(stuck, kept)).rejects.toThrow(
      /could not be brought up to date: .*rate_hits.*Nothing was changed/,
    );
    expect(await contents()).toEqual(before);
    await administer(stuck, 'drop table rate_hits');
    await (await openDatabase(stuck, kept)).destroy();
    fs.rmSync(kept, { recursive: true });
  });

  it('was kept as it was before it was brought up to date, and opens again from that', async () => {
    const files = fs.readdirSync(backups);
    expect(files).toEqual([expect.stringMatching(/^before-upgrade-.*\.tar$/)]);
    await administer(inject('databaseUrl'), `create database ${name}_again`);
    const { migrations, contents } = await restoreBackup(path.join(backups, files[0] as string), `${url}_again`);
    expect(migrations).not.toContain(MIGRATIONS.at(-1)?.name);
    expect(contents.readings?.rows).toBeGreaterThan(100);
    const db = await openDatabase(`${url}_again`, backups);
    expect((await pageOfLots(db.manager, {})).total).toBeGreaterThan(5);
    await db.destroy();
    // A notebook that is up to date is not dumped again.
    const once = fs.readdirSync(backups).length;
    await (await openDatabase(`${url}_again`, backups)).destroy();
    expect(fs.readdirSync(backups)).toHaveLength(once);
  });
});
