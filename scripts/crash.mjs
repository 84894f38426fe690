// All of what every test run does a sample of: kills, deaths of the database, odd calls, odd starts, upgrades: npm run crash
import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { installPackages } from './install.mjs';

/** What can go wrong by itself, and what somebody may do to it. */
const JOURNEYS = [
  'crash.spec.ts',
  'start.spec.ts',
  'networkCut.spec.ts',
  'diskFull.spec.ts',
  'update.spec.ts',
  'fuzz.spec.ts',
];

installPackages();
const { build, ROOT } = await import('./build.mjs');

await build({ ifStale: true });
const cli = path.join(ROOT, 'node_modules/@playwright/test/cli.js');
// One after the other: how long a server takes to come back is measured too.
const args = ['test', '--config', 'e2e/playwright.config.ts', '--retries', '0', '--workers', '1', ...JOURNEYS];
const done = spawnSync(process.execPath, [cli, ...args], {
  cwd: ROOT,
  env: { ...process.env, BENT_PAIL_CRASH: 'full' },
  stdio: 'inherit',
});
// Notebooks that releases before this one kept, of which a test run opens two.
const former = spawnSync(
  process.execPath,
  [
    path.join(ROOT, 'node_modules/vitest/vitest.mjs'),
    ...['run', '--project', 'server', 'server/src/database/formerReleases.test.ts'],
  ],
  { cwd: ROOT, env: { ...process.env, BENT_PAIL_CRASH: 'full' }, stdio: 'inherit' },
);
process.exitCode = Math.max(done.status ?? 1, former.status ?? 1);
