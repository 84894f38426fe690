// One command to a running notebook: packages, PostgreSQL, migrations, demo data, build, serve.
import { spawn } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';
import { parseArgs } from 'node:util';
import { installPackages } from './install.mjs';

installPackages();
const { Advice, cluster, freePort } = await import('./postgres.mjs');
const { build, ROOT } = await import('./build.mjs');

const FIRST_PORT = 4310;
const READY_WITHIN_MS = 60000;

function options() {
  try {
    const { values } = parseArgs({
      options: { empty: { type: 'boolean', default: false }, 'fresh-demo': { type: 'boolean', default: false } },
    });
    return values;
  } catch (error) {
    throw new Advice(`${error.message.split('.')[0]}. Known are: npm start -- --empty, npm start -- --fresh-demo`);
  }
}

async function isReady(address) {
  try {
    return (await fetch(`${address}/api/ready`)).ok;
  } catch {
    return false;
  }
}

async function start() {
  const { empty, 'fresh-demo': fresh } = options();
  const own = process.env.DATABASE_URL ? undefined : cluster(path.join(ROOT, '.data'), empty ? 'empty' : 'notebook');
  const children = new Set();
  let stopping = false;
  const stop = (code) => {
    if (stopping) return;
    stopping = true;
    const gone = [...children].map(
      (child) => new Promise((resolve) => (child.exitCode === null ? child.once('exit', resolve) : resolve())),
    );
    for (const child of children) child.kill('SIGTERM');
    void Promise.all(gone).then(() => {
      own?.stop();
      process.exit(code);
    });
  };
  process.on('SIGINT', () => stop(0));
  process.on('SIGTERM', () => stop(0));
  process.on('SIGHUP', () => stop(0));

  try {
    const [databaseUrl] = await Promise.all([process.env.DATABASE_URL ?? own.start(), build({ ifStale: true })]);
    if (stopping) return;
    const port = process.env.PORT ? Number(process.env.PORT) : await freePort(FIRST_PORT);
    const env = {
      ...process.env,
      NODE_ENV: 'production',
      DATABASE_URL: databaseUrl,
      PORT: String(port),
      BENT_PAIL_WEB: path.join(ROOT, 'web/dist'),
      BENT_PAIL_DEMO: empty ? '0' : '1',
      LOG_LEVEL: process.env.LOG_LEVEL ?? 'warn',
    };
    if (!empty) await loadDemo(env, fresh, children);
    if (stopping) return;
    // A group of its own: Ctrl-C reaches this script, which then ends the server in order.
    const server = spawn(process.execPath, ['--enable-source-maps', path.join(ROOT, 'server/dist/main.js')], {
      env,
      stdio: 'inherit',
      detached: true,
    });
    children.add(server);
    server.once('exit', (code) => stop(code ?? 1));
    const address = `http://127.0.0.1:${port}`;
    const until = Date.now() + READY_WITHIN_MS;
    while (!stopping && !(await isReady(address))) {
      if (Date.now() > until) throw new Advice('The server did not become ready; its log above says why.');
      await new Promise((resolve) => setTimeout(resolve, 60));
    }
    if (!stopping) console.log(`Bent Pail is open at ${address}  (Ctrl-C closes it)`);
  } catch (error) {
    console.error(error instanceof Advice ? error.message : error);
    stop(1);
  }
}

/** Fills an empty database with the demo notebook, through the real code; does nothing where something is kept. */
function loadDemo(env, fresh, children) {
  const program = path.join(ROOT, 'server/dist/demo.js');
  if (!fs.existsSync(program)) throw new Advice('The demo loader was not built; run npm run build.');
  const child = spawn(process.execPath, ['--enable-source-maps', program, ...(fresh ? ['--fresh'] : [])], {
    env: { ...env, BENT_PAIL_DEMO_FILES: path.join(ROOT, 'demo/notebook') },
    stdio: 'inherit',
    detached: true,
  });
  children.add(child);
  return new Promise((resolve, reject) => {
    child.once('exit', (code) => {
      children.delete(child);
      if (code === 0) resolve();
      else reject(new Advice('So the demo data could not be loaded.'));
    });
  });
}

await start();
