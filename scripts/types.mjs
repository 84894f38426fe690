// What core and contract may know: without their tests they have the language's library only, no DOM and no Node.
// Everything else, tests included, has its types checked where it is linted.
import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { ROOT } from './build.mjs';

const tsc = path.join(ROOT, 'node_modules/@typescript/native/bin/tsc');
const { status } = spawnSync(process.execPath, [tsc, '-p', path.join(ROOT, 'tsconfig.lib.json')], { stdio: 'inherit' });
process.exitCode = status ?? 1;
