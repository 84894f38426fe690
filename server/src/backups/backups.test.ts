import { mkdtemp, rm, utimes, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { BackupRow } from '@bent-pail/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { lookInto } from '../backup/restore';
import { putOnShelf } from '../testing/bench';
import { startTestServer, TestClock, type Client, type TestServer } from '../testing/testServer';
import { BackupKeeper } from './keeper';

let server: TestServer;
let lead: Client;
let folder: string;

beforeAll(async () => {
  server = await startTestServer();
  lead = await server.as('lead');
  await putOnShelf(lead);
  folder = await mkdtemp(path.join(tmpdir(), 'bent-pail-backups-'));
});
afterAll(async () => {
  await server.close();
  await rm(folder, { recursive: true, force: true });
});

const keeper = (clock: TestClock): BackupKeeper =>
  new BackupKeeper({
    db: server.db,
    url: server.databaseUrl,
    folder,
    clock,
    warn: (error) => {
      throw error;
    },
  });

describe('a backup at a press', () => {
  it('stands in the list, and is the whole notebook when it is fetched', async () => {
    expect((await lead.get<BackupRow[]>('/backups')).body).toEqual([]);
    const { status, body } = await lead.post<BackupRow[]>('/backups');
    expect(status).toBe(201);
    expect(body).toMatchObject([{ kind: 'by-hand' }]);
    const [{ name, bytes } = { name: '', bytes: 0 }] = body;
    const fetched = await lead.bytes(`/backups/${name}`);
    expect(fetched.length).toBe(bytes);
    const file = path.join(folder, 'fetched.tar');
    await writeFile(file, fetched);
    expect((await lookInto(file)).contents.lots?.rows).toBe(1);
    await rm(file);
  });

  it('is a lead’s alone, and no way to other files', async () => {
    const tester = await server.as('tester');
    expect((await tester.get('/backups')).status).toBe(403);
    expect((await tester.post('/backups')).status).toBe(403);
    for (const name of ['..%2Fpasswd', 'daily-1.tar', '%2Fetc%2Fpasswd'])
      expect((await lead.get(`/backups/${name}`)).status).toBe(404);
  });
});

describe('a backup of each day', () => {
  it('is taken once a day, and seven are kept', async () => {
    const clock = new TestClock();
    clock.at = Date.now();
    const one = keeper(clock);
    await one.takeDaily();
    await one.takeDaily();
    expect(await one.list()).toHaveLength(1);
    for (let day = 1; day <= 8; day += 1) {
      // Those of before are a day older.
      for (const { name, madeAt } of await one.list()) {
        const at = new Date(Date.parse(madeAt) - 25 * 3600_000);
        await utimes(path.join(folder, name), at, at);
      }
      clock.forward(1);
      await one.takeDaily();
    }
    const rows = await one.list();
    expect(rows).toHaveLength(7);
    expect(rows.every(({ kind }) => kind === 'daily')).toBe(true);
    expect(Date.now() - Date.parse(rows[0]?.madeAt ?? '')).toBeLessThan(60_000);
  });

  it('is one where two are asked for at once', async () => {
    const clock = new TestClock();
    const one = keeper(clock);
    const [first, second] = await Promise.all([one.take('by-hand'), one.take('by-hand')]);
    expect(first).toBe(second);
  });
});
