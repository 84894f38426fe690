import { spawn, spawnSync } from 'node:child_process';
import fs from 'node:fs';
import path from 'node:path';

/** The scripts are plain modules beside this one; they are started from the project's folder. */
interface Scripts {
  readonly scratchCluster: () => { start: () => Promise<string>; remove: () => Promise<void> };
}

interface Ports {
  readonly freePort: (from: number) => Promise<number>;
}

const READY_WITHIN_MS = 30000;

export const CHROMIUM = '/usr/bin/chromium';

/** The product as it is started, with the demo notebook in a database of its own. */
export interface Product {
  readonly url: string;
  /** Most memory that the server held so far, MB. */
  readonly peak_MB: () => number;
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

/** Starts the product for as long as something is measured on it. */
export async function withProduct<T>(measure: (product: Product) => Promise<T>): Promise<T> {
  const root = process.cwd();
  const { scratchCluster } = (await import(path.join(root, 'scripts/scratch.mjs'))) as Scripts;
  const { freePort } = (await import(path.join(root, 'scripts/ports.mjs'))) as Ports;
  const own = scratchCluster();
  const databaseUrl = await own.start();
  const port = await freePort(4700);
  const env = {
    ...process.env,
    NODE_ENV: 'production',
    DATABASE_URL: databaseUrl,
    PORT: String(port),
    BENT_PAIL_WEB: path.join(root, 'web/dist'),
    BENT_PAIL_DEMO_FILES: path.join(root, 'demo/notebook'),
    LOG_LEVEL: 'error',
  };
  const loaded = spawnSync(process.execPath, [path.join(root, 'server/dist/demo.js')], { env, encoding: 'utf8' });
  if (loaded.status !== 0) throw new Error(`the demo could not be loaded: ${loaded.stderr}`);
  const server = spawn(process.execPath, [path.join(root, 'server/dist/main.js')], { env, stdio: 'ignore' });
  const peak_MB = (): number => {
    const status = fs.readFileSync(`/proc/${String(server.pid)}/status`, 'utf8');
    return Number(/^VmHWM:\s+(\d+)/m.exec(status)?.[1]) / 1024;
  };
  try {
    const url = `http://127.0.0.1:${String(port)}`;
    await untilReady(url);
    return await measure({ url, peak_MB });
  } finally {
    if (server.exitCode === null) {
      const gone = new Promise((resolve) => server.once('exit', resolve));
      server.kill('SIGTERM');
      await gone;
    }
    await own.remove();
  }
}
