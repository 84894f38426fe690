// The calculations on the command line; needs no database and no server.
import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { ROOT } from './build.mjs';
import { installPackages } from './install.mjs';

installPackages();

const done = spawnSync(
  process.execPath,
  ['--import', 'tsx', path.join(ROOT, 'server/src/calc/main.ts'), ...process.argv.slice(2)],
  {
    stdio: 'inherit',
    env: { ...process.env, TSX_TSCONFIG_PATH: path.join(ROOT, 'tsconfig.tsx.json') },
  },
);
process.exitCode = done.status ?? 1;
