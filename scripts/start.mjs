// One command to a running notebook: packages, PostgreSQL, migrations, demo data, build, serve.
import fs from 'node:fs';
import path from 'node:path';
import { Advice, told } from './advice.mjs';
import { installPackages } from './install.mjs';
import { startOptions } from './startOptions.mjs';

const FIRST_PORT = 4310;
const READY_WITHIN_MS = 120000;
/** A server that does not stop by itself is ended. */
const STOPPING = [
  ['SIGTERM', 5000],
  ['SIGKILL', 2000],
];

const trouble = (error) => {
  console.error(told(error));
  process.exit(1);
};

let options;
try {
  options = startOptions(process.argv.slice(2));
} catch (error) {
  trouble(error);
}
installPackages();
const { cluster } = await import('./postgres.mjs');
const { build, BUILT_WEB, builtProgram, DATA, ROOT } = await import('./build.mjs');
const { end, guarded } = await import('./guarded.mjs');
const { patience } = await import('./keepRunning.mjs');
const { networkDoor, showNetwork } = await import('./network.mjs');
const { freePort, portIsFree, PortTaken, wantedPort } = await import('./ports.mjs');

const database = patience();
const server = patience();
let own;
let serving;
let loading;
let stopping = false;

async function stop(code) {
  if (stopping) return;
  stopping = true;
  if (loading !== undefined) await end(loading, STOPPING);
  if (serving !== undefined) await end(serving, STOPPING);
  await own?.stop();
  process.exit(code);
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void stop(0));

const giveUp = (what, how) => {
  console.error(
    `${what} ended by itself again and again (last by ${how}), so that this start ends too. What is kept is in ${own?.data ?? 'your database'}; the words above say what happened.`,
  );
  void stop(1);
};
const howItEnded = (code, signal) => (signal === null ? `code ${code}` : signal);
const pauseFor = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

/** PostgreSQL, started again whenever it ends by itself; the server waits for it meanwhile. */
async function startDatabase() {
  const url = await own.start();
  own.child().once('exit', (code, signal) => void again(howItEnded(code, signal)));
  return url;

  async function again(how) {
    if (stopping) return;
    const pause = database.pause();
    if (pause === undefined) return giveUp('PostgreSQL', how);
    console.error(`PostgreSQL ended (${how}); it is started again.`);
    await pauseFor(pause);
    if (stopping) return;
    await startDatabase().catch((error) => {
      console.error(told(error));
      return again('a failed start');
    });
  }
}

/** The server, open once its promise is kept; started again whenever it ends by itself after that. */
function startServer(env) {
  return new Promise((resolve, reject) => {
    serving = guarded(process.execPath, ['--enable-source-maps', builtProgram('main')], {
      lastSignal: 'TERM',
      env,
      stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
    });
    let isOpen = false;
    const late = setTimeout(
      () => reject(new Advice('The server did not become ready; its words above say why.')),
      READY_WITHIN_MS,
    );
    serving.on('message', (said) => {
      clearTimeout(late);
      if (said.taken !== undefined) reject(new PortTaken(said.taken));
      if (said.open !== true) return;
      isOpen = true;
      resolve();
    });
    serving.once('exit', (code, signal) => {
      clearTimeout(late);
      if (!isOpen) reject(new Advice(`The server ended before it was open (${howItEnded(code, signal)}).`));
      else void serverAgain(env, howItEnded(code, signal));
    });
  });
}

async function serverAgain(env, how) {
  if (stopping) return;
  const pause = server.pause();
  if (pause === undefined) return giveUp('The server', how);
  console.error(`The server ended (${how}); it is started again.`);
  await pauseFor(pause);
  if (stopping) return;
  await startServer(env).catch((error) => {
    if (stopping) return undefined;
    console.error(told(error));
    return serverAgain(env, 'a failed start');
  });
}

/** Fills an empty database with the demo notebook, through the real code; does nothing where something is kept. */
function loadDemo(env) {
  const program = builtProgram('demo');
  if (!fs.existsSync(program)) throw new Advice('The demo loader was not built; run npm run build.');
  loading = guarded(
    process.execPath,
    ['--enable-source-maps', program, ...(options['fresh-demo'] ? ['--fresh'] : [])],
    {
      lastSignal: 'TERM',
      env: { ...env, BENT_PAIL_DEMO_FILES: path.join(ROOT, 'demo/notebook') },
      stdio: 'inherit',
    },
  );
  return new Promise((resolve, reject) => {
    loading.once('exit', (code) => {
      loading = undefined;
      if (code === 0 || stopping) resolve();
      else reject(new Advice('So the demo data could not be loaded.'));
    });
  });
}

const wanted = () => wantedPort(process.env.PORT);

/** The server at the port that was asked for, else at the first one that nobody takes before it. */
async function openServer(envAt) {
  const port = wanted() ?? (await freePort(FIRST_PORT));
  try {
    await startServer(await envAt(port));
    return port;
  } catch (error) {
    if (wanted() !== undefined || !(error instanceof PortTaken) || stopping) throw error;
    return openServer(envAt);
  }
}

try {
  const { DATABASE_URL } = process.env;
  if (wanted() !== undefined && !(await portIsFree(wanted()))) throw new PortTaken(wanted());
  own = DATABASE_URL ? undefined : cluster(DATA, options.empty ? 'empty' : 'notebook');
  const [databaseUrl] = await Promise.all([DATABASE_URL ?? startDatabase(), build({ ifStale: true })]);
  const env = {
    ...process.env,
    NODE_ENV: 'production',
    DATABASE_URL: databaseUrl,
    BENT_PAIL_WEB: BUILT_WEB,
    BENT_PAIL_BACKUPS: path.join(DATA, 'backups'),
    BENT_PAIL_DEMO: options.empty ? '0' : '1',
    LOG_LEVEL: process.env.LOG_LEVEL ?? 'warn',
    // Each thread's own reserve of memory is never given back: two are enough for all.
    MALLOC_ARENA_MAX: process.env.MALLOC_ARENA_MAX ?? '2',
  };
  if (!options.empty && !stopping) await loadDemo(env);
  if (!stopping) {
    let network;
    const port = await openServer(async (at) => {
      network = options.network ? await networkDoor(DATA, at) : undefined;
      return { ...env, PORT: String(at), ...network?.env };
    });
    const address = `http://127.0.0.1:${port}`;
    own?.say({ address });
    console.log(`Bent Pail is open at ${address}  (Ctrl-C closes it)`);
    if (own !== undefined) console.log(`What is kept lives in ${own.data}`);
    if (network !== undefined) await showNetwork(network);
  }
} catch (error) {
  if (!stopping) {
    console.error(told(error));
    void stop(1);
  }
}
