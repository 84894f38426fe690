// Types of everything, tests included, by the native compiler; two programs at a time.
import { spawn } from 'node:child_process';
import path from 'node:path';
import { ROOT } from './build.mjs';

const PROJECTS = [
  // Everything at once, tests included: with a program for each workspace the core was checked seven times over.
  'tsconfig.all.json',
  // Without the tests the core has the language's library only: no DOM, no Node.
  'core/tsconfig.lib.json',
  'contract/tsconfig.lib.json',
  // And the server has no DOM.
  'server/tsconfig.json',
  'web/worker/tsconfig.json',
];
const AT_ONCE = 2;

const tsc = path.join(ROOT, 'node_modules/@typescript/native/bin/tsc');
const waiting = [...PROJECTS];
let failed = false;

async function work() {
  for (let project = waiting.shift(); project !== undefined; project = waiting.shift()) {
    const child = spawn(process.execPath, [tsc, '-p', path.join(ROOT, project)], { stdio: 'inherit' });
    const code = await new Promise((resolve) => child.once('exit', resolve));
    if (code !== 0) failed = true;
  }
}

await Promise.all(Array.from({ length: AT_ONCE }, work));
process.exitCode = failed ? 1 : 0;
