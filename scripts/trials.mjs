// What npm test takes a sample of, in full and seeded: npm run trials
import { spawnSync } from 'node:child_process';
import path from 'node:path';
import { installPackages } from './install.mjs';

installPackages();
const { ROOT } = await import('./build.mjs');

/** How many random notebooks have their rows compared with their readings. */
const NOTEBOOKS = 40;

const done = spawnSync(
  process.execPath,
  [
    path.join(ROOT, 'node_modules/vitest/vitest.mjs'),
    'run',
    ...['--project', 'server', '--project', 'core', '--project', 'contract'],
    ...[
      'server/src/cards/randomNotebooks',
      'contract/src/calc/fuzz',
      'core/src/foresight',
      'core/src/learning',
      'core/src/retention',
      'core/src/recipes/fuzz',
      'core/src/buying',
      'core/src/column/random',
      'core/src/drydown',
      'core/src/pots',
      'core/src/trials/chance',
      'core/src/trials/trayChance',
    ],
  ],
  { stdio: 'inherit', cwd: ROOT, env: { ...process.env, BENT_PAIL_TRIALS: String(NOTEBOOKS) } },
);
process.exitCode = done.status ?? 1;
