// The notebook for working on it: server and pages reload as files change.
import { spawn } from 'node:child_process';
import path from 'node:path';
import { installPackages } from './install.mjs';

installPackages();
const { told } = await import('./advice.mjs');
const { cluster } = await import('./postgres.mjs');
const { freePort } = await import('./ports.mjs');
const { build, builtProgram, DATA, ROOT } = await import('./build.mjs');

const own = process.env.DATABASE_URL ? undefined : cluster(DATA, 'notebook');
const DATABASE_URL =
  process.env.DATABASE_URL ??
  (await own.start().catch((error) => {
    console.error(told(error));
    process.exit(1);
  }));
const PORT = String(await freePort(4310));
const env = {
  ...process.env,
  DATABASE_URL,
  PORT,
  BENT_PAIL_BACKUPS: path.join(DATA, 'backups'),
  BENT_PAIL_DEMO: '1',
  BENT_PAIL_DEMO_FILES: path.join(ROOT, 'demo/notebook'),
  TSX_TSCONFIG_PATH: path.join(ROOT, 'tsconfig.tsx.json'),
};
await build({ ifStale: true });
await new Promise((resolve) =>
  spawn(process.execPath, [builtProgram('demo')], { env, stdio: 'inherit' }).once('exit', resolve),
);

const children = [
  spawn(process.execPath, ['--import', 'tsx', '--watch', path.join(ROOT, 'server/src/main.ts')], {
    env,
    stdio: 'inherit',
  }),
  spawn(
    process.execPath,
    [path.join(ROOT, 'node_modules/vite/bin/vite.js'), '--config', path.join(ROOT, 'web/vite.config.ts')],
    {
      env: { ...env, BENT_PAIL_API: `http://127.0.0.1:${PORT}` },
      stdio: 'inherit',
    },
  ),
];
async function stop() {
  for (const child of children) child.kill('SIGTERM');
  await own?.stop();
  process.exit(0);
}
process.on('SIGINT', () => void stop());
process.on('SIGTERM', () => void stop());
