// Builds the interface and the server into their dist folders; `build({ ifStale: true })` only what has changed.
import fs from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..');

const SERVER_OUT = path.join(ROOT, 'server/dist');
const WEB_OUT = path.join(ROOT, 'web/dist');
const SOURCES = {
  server: ['core/src', 'contract/src', 'server/src', 'demo/src', 'package-lock.json'],
  web: ['core/src', 'contract/src', 'web', 'package-lock.json'],
};

/** Newest change below a file or folder, leaving out what a build writes. */
function newest(place) {
  const stat = fs.statSync(place, { throwIfNoEntry: false });
  if (stat === undefined) return 0;
  if (!stat.isDirectory()) return stat.mtimeMs;
  return fs
    .readdirSync(place)
    .filter((entry) => entry !== 'dist' && entry !== 'node_modules')
    .reduce((latest, entry) => Math.max(latest, newest(path.join(place, entry))), 0);
}

function isStale(what, stamp) {
  const built = fs.statSync(stamp, { throwIfNoEntry: false })?.mtimeMs ?? 0;
  return SOURCES[what].some((source) => newest(path.join(ROOT, source)) > built);
}

async function buildServer() {
  const { rolldown } = await import('rolldown');
  const bundle = await rolldown({
    input: {
      main: path.join(ROOT, 'server/src/main.ts'),
      calc: path.join(ROOT, 'server/src/calc/main.ts'),
      demo: path.join(ROOT, 'demo/src/main.ts'),
    },
    platform: 'node',
    tsconfig: path.join(ROOT, 'tsconfig.base.json'),
    // Packages stay packages; our own workspaces are built in.
    external: (id) =>
      /^[^./]/.test(id) && !path.isAbsolute(id) && !id.startsWith('@bent-pail/') && !id.startsWith('@oxc-project/'),
  });
  await bundle.write({ dir: SERVER_OUT, format: 'esm', entryFileNames: '[name].js', sourcemap: true });
  await bundle.close();
}

async function buildWeb() {
  const { build: viteBuild } = await import('vite');
  await viteBuild({ configFile: path.join(ROOT, 'web/vite.config.ts'), logLevel: 'warn' });
}

export async function build({ ifStale = false } = {}) {
  if (!ifStale || isStale('server', path.join(SERVER_OUT, 'main.js'))) await buildServer();
  if (!ifStale || isStale('web', path.join(WEB_OUT, 'index.html'))) await buildWeb();
}

if (process.argv[1] === fileURLToPath(import.meta.url)) await build();
