import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { test as base } from '@playwright/test';
import { beginNotebook } from './ownNotebook';
import { processesWith, Started } from './started';
import { turns } from './turns';

interface Fixtures {
  /** A folder of data of one test's own, that PostgreSQL's user may enter. */
  readonly data: string;
}

const test = base.extend<Fixtures>({
  // oxlint-disable-next-line no-empty-pattern -- Playwright reads what a fixture needs off this pattern.
  data: async ({}, use) => {
    const folder = fs.mkdtempSync(path.join(os.tmpdir(), 'bent-pail-start-'));
    fs.chmodSync(folder, 0o755);
    await use(folder);
    Started.killAll();
    for (const pid of processesWith(folder)) process.kill(pid, 'SIGKILL');
    fs.rmSync(folder, { recursive: true, force: true });
  },
});

/** Of these every sixth is had in a test run, others each day; `npm run crash` has all. */
const turn = turns(6, process.env.BENT_PAIL_CRASH === 'full');
export const journey = (title: string, body: (given: Fixtures) => Promise<void>): void => {
  turn(() => {
    test(title, body);
  });
};

/** Every file below a folder with its size, to see that nothing was touched. */
export function listing(folder: string): string[] {
  return fs
    .readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => {
      const file = path.join(entry.parentPath, entry.name);
      return `${file} ${String(fs.statSync(file).size)} ${String(fs.statSync(file).mtimeMs)}`;
    })
    .sort();
}

/** A notebook with somebody in it, closed. */
export async function closedNotebook(data: string): Promise<void> {
  const first = new Started(data);
  await beginNotebook(await first.address());
  await first.stop();
}
