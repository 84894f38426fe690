// Every page at every size and every button, of which each test run looks at a few, and every text: npm run axe
import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { installPackages } from './install.mjs';

installPackages();
const { build, ROOT } = await import('./build.mjs');

await build({ ifStale: true });
const cli = path.join(ROOT, 'node_modules/@playwright/test/cli.js');
const done = spawnSync(
  process.execPath,
  [cli, 'test', '--config', 'e2e/playwright.config.ts', 'accessibility.spec.ts', 'focus.spec.ts', 'language.spec.ts'],
  { cwd: ROOT, env: { ...process.env, BENT_PAIL_AXE: 'full' }, stdio: 'inherit' },
);
process.exitCode = done.status ?? 1;
