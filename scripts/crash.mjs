// All of what every test run does a seeded sample of: kills, deaths of the database, odd bodies: npm run crash
import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { installPackages } from './install.mjs';

installPackages();
const { build, ROOT } = await import('./build.mjs');

await build({ ifStale: true });
const env = { ...process.env, BENT_PAIL_CRASH: 'full' };
const run = (program, args) =>
  spawnSync(process.execPath, [path.join(ROOT, 'node_modules', program), ...args], { cwd: ROOT, env, stdio: 'inherit' })
    .status === 0;
const bodies = run('vitest/vitest.mjs', ['run', '--project', 'server', 'server/src/http/fuzz.test.ts']);
const kills = run('@playwright/test/cli.js', [
  'test',
  '--config',
  'e2e/playwright.config.ts',
  '--retries',
  '0',
  'crash.spec.ts',
]);
process.exitCode = bodies && kills ? 0 : 1;
