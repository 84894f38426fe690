import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { startTestServer, type TestServer } from '../testing/testServer';
import { backupBeforeMigrating } from './beforeMigrating';

const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'bent-pail-five-'));
let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(async () => {
  await server.close();
  fs.rmSync(folder, { recursive: true, force: true });
});

it('keeps the last five of what was taken before an upgrade, and every backup of another name', async () => {
  fs.writeFileSync(path.join(folder, 'own-2026.tar'), 'mine');
  const taken: string[] = [];
  for (let i = 0; i < 7; i += 1) taken.push(path.basename(await backupBeforeMigrating(server.databaseUrl, folder)));
  expect(new Set(taken).size).toBe(7);
  expect(fs.readdirSync(folder).sort()).toEqual([...taken.slice(-5), 'own-2026.tar'].sort());
});
