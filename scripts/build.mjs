// Builds the interface and the server into their dist folders; `build({ ifStale: true })` only what has changed.
import fs from 'node:fs';
import { isBuiltin } from 'node:module';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { SOURCE } from './texts/catalogue.mjs';
import { inLanguage, language } from './texts/plugin.mjs';
import { ROOT } from './root.mjs';

export { ROOT };
/** Where notebooks, backups and certificates are kept. */
export const DATA = path.resolve(process.env.BENT_PAIL_DATA ?? path.join(ROOT, '.data'));

/** Where a language is built; the source's own in the folder itself. */
const distOf = (what, spoken) => path.join(ROOT, what, 'dist', spoken === SOURCE ? '' : spoken);
const SERVER_OUT = distOf('server', language());
const WEB_OUT = distOf('web', language());
/** A program of the server as it was built, in the language that is asked for if none is given. */
export const builtProgram = (name, spoken = language()) => path.join(distOf('server', spoken), `${name}.js`);
/** The interface as it was built. */
export const BUILT_WEB = WEB_OUT;
const SOURCES = {
  server: ['core/src', 'contract/src', 'server/src', 'demo/src', 'texts', 'package-lock.json'],
  web: ['core/src', 'contract/src', 'web', 'texts', 'package-lock.json'],
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

/** Packages that find files of theirs beside themselves: machine code, a thread's first script. */
const STAY_OUTSIDE = new Set(['sharp', '@node-rs/argon2', 'piscina']);

const nameOf = (id) => id.split('/', id.startsWith('@') ? 2 : 1).join('/');

/** Whether an import names a package; the bundler's own helpers are none that is installed. */
const isPackage = (id) =>
  !/^[./\0]/.test(id) && !path.isAbsolute(id) && !id.startsWith('@bent-pail/') && !id.startsWith('@oxc-project/');

/** Whether a package cannot be built in: Node's own, those above, and what one would use if somebody had installed it. */
const cannotBeBuiltIn = (id) =>
  isBuiltin(id) || STAY_OUTSIDE.has(nameOf(id)) || !fs.existsSync(path.join(ROOT, 'node_modules', nameOf(id)));

/** Bundles programs of ours for Node; with packages built in they start in half the time. */
export async function bundle(input, dir, { packages = 'outside' } = {}) {
  fs.rmSync(dir, { recursive: true, force: true });
  const { rolldown } = await import('rolldown');
  const built = await rolldown({
    input,
    platform: 'node',
    plugins: inLanguage(),
    tsconfig: path.join(ROOT, 'tsconfig.base.json'),
    external: (id) => isPackage(id) && (packages === 'outside' || cannotBeBuiltIn(id)),
  });
  await built.write({ dir, format: 'esm', entryFileNames: '[name].js', sourcemap: true });
  await built.close();
}

/** What runs apart from the server, in threads and processes of its own. */
const APART = Object.fromEntries(
  ['calculate', 'makeCard', 'decodePicture', 'readTable', 'writeSheets'].map((name) => [
    name,
    path.join(ROOT, `server/src/workers/${name}.ts`),
  ]),
);

/** Those alone, for tests that run the server from its source: built they start in a tenth of the time. */
export const buildPrograms = (dir) => bundle(APART, dir, { packages: 'built in' });

function buildServer() {
  const input = {
    main: path.join(ROOT, 'server/src/main.ts'),
    calc: path.join(ROOT, 'server/src/calc/main.ts'),
    demo: path.join(ROOT, 'demo/src/main.ts'),
    backup: path.join(ROOT, 'server/src/backup/main.ts'),
    rebuild: path.join(ROOT, 'server/src/cards/main.ts'),
    ...APART,
  };
  return bundle(input, SERVER_OUT, { packages: 'built in' });
}

async function buildWeb() {
  const { build: viteBuild } = await import('vite');
  await viteBuild({ configFile: path.join(ROOT, 'web/vite.config.ts'), logLevel: 'warn', build: { outDir: WEB_OUT } });
}

export async function build({ ifStale = false } = {}) {
  if (!ifStale || isStale('server', path.join(SERVER_OUT, 'main.js'))) await buildServer();
  if (!ifStale || isStale('web', path.join(WEB_OUT, 'index.html'))) await buildWeb();
}

if (process.argv[1] === fileURLToPath(import.meta.url)) await build({ ifStale: process.argv.includes('--if-stale') });
