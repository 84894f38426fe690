import { spawn, spawnSync } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';

/** The scripts are plain modules beside this one; they are started from the project's folder. */
interface Scripts {
  readonly scratchCluster: () => { start: () => Promise<string>; remove: () => Promise<void>; data: string };
}

interface Ports {
  readonly freePort: (from: number) => Promise<number>;
}

const READY_WITHIN_MS = 30000;

export const CHROMIUM = '/usr/bin/chromium-headless-shell';

/** The product as it is started, with the demo notebook in a database of its own. */
export interface Product {
  readonly url: string;
  /** Most memory that the server held so far, MB. */
  readonly peak_MB: () => number;
  /** What it holds now, MB. */
  readonly now_MB: () => number;
}

/** A database for a while, and what the product's programs are started with on it. */
export interface Programs {
  readonly databaseUrl: string;
  readonly env: NodeJS.ProcessEnv;
  readonly url: string;
  /** What PostgreSQL's processes hold now, pages that they share once, MB. */
  readonly postgres_MB: () => number;
}

/** Memory of the processes that work in a folder, with each page that several share counted once, MB. */
function heldIn_MB(folder: string): number {
  let held_kB = 0;
  for (const pid of fs.readdirSync('/proc').filter((name) => /^\d+$/.test(name)))
    try {
      if (fs.readlinkSync(`/proc/${pid}/cwd`) !== folder) continue;
      held_kB += Number(/^Pss:\s+(\d+)/m.exec(fs.readFileSync(`/proc/${pid}/smaps_rollup`, 'utf8'))?.[1]);
    } catch {
      // It ended while it was looked at.
    }
  return held_kB / 1024;
}

async function untilReady(url: string): Promise<void> {
  const until = Date.now() + READY_WITHIN_MS;
  while (Date.now() < until) {
    const ready = await fetch(`${url}/api/ready`).then(
      (answer) => answer.ok,
      () => false,
    );
    if (ready) return;
    await new Promise((resolve) => setTimeout(resolve, 60));
  }
  throw new Error('the server did not become ready');
}

/** A database for as long as something is measured on it, and what the product's programs are started with. */
export async function withDatabase<T>(measure: (programs: Programs) => Promise<T>): Promise<T> {
  const root = process.cwd();
  const { scratchCluster } = (await import(path.join(root, 'scripts/scratch.mjs'))) as Scripts;
  const { freePort } = (await import(path.join(root, 'scripts/ports.mjs'))) as Ports;
  const own = scratchCluster();
  try {
    const databaseUrl = await own.start();
    const port = await freePort(5700);
    const env = {
      ...process.env,
      NODE_ENV: 'production',
      DATABASE_URL: databaseUrl,
      PORT: String(port),
      BENT_PAIL_WEB: path.join(root, 'web/dist'),
      BENT_PAIL_DEMO_FILES: path.join(root, 'demo/notebook'),
      LOG_LEVEL: 'error',
      // As `npm start` has it.
      MALLOC_ARENA_MAX: '2',
    };
    const postgres_MB = (): number => heldIn_MB(own.data);
    return await measure({ databaseUrl, env, url: `http://127.0.0.1:${String(port)}`, postgres_MB });
  } finally {
    await own.remove();
  }
}

/** Runs one of the server's programs to its end. */
export function runProgram(name: string, env: NodeJS.ProcessEnv): void {
  const done = spawnSync(process.execPath, [path.resolve('server/dist', `${name}.js`)], { env, encoding: 'utf8' });
  if (done.status !== 0) throw new Error(`${name} failed: ${done.stderr}`);
}

/** Starts the server and ends it when the measuring is done; `ready_ms` is how long it took to be ready. */
export async function withServer<T>(
  { env, url }: { readonly env: NodeJS.ProcessEnv; readonly url: string },
  measure: (product: Product & { readonly ready_ms: number }) => Promise<T>,
): Promise<T> {
  const began = performance.now();
  const server = spawn(process.execPath, [path.resolve('server/dist/main.js')], { env, stdio: 'ignore' });
  const held_MB = (what: RegExp): number =>
    Number(what.exec(fs.readFileSync(`/proc/${String(server.pid)}/status`, 'utf8'))?.[1]) / 1024;
  const peak_MB = (): number => held_MB(/^VmHWM:\s+(\d+)/m);
  const now_MB = (): number => held_MB(/^VmRSS:\s+(\d+)/m);
  try {
    await untilReady(url);
    return await measure({ url, peak_MB, now_MB, ready_ms: performance.now() - began });
  } finally {
    if (server.exitCode === null) {
      const gone = new Promise((resolve) => server.once('exit', resolve));
      server.kill('SIGTERM');
      await gone;
    }
  }
}

/** Starts the product with the demo for as long as something is measured on it. */
export const withProduct = <T>(measure: (product: Product) => Promise<T>): Promise<T> =>
  withDatabase((programs) => {
    runProgram('demo', programs.env);
    return withServer(programs, measure);
  });
