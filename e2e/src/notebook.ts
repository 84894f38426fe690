import { spawn, type ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import fs from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { expect, test as base, type BrowserContext } from '@playwright/test';
import pg from 'pg';
import { ROOT, scripts, type TemplateName } from './cluster';

/** A notebook of one test's own: its database, its server as a real process, its clock. */
export class Notebook {
  private server: ChildProcess | undefined;
  private readonly clockFile = path.join(os.tmpdir(), `bent-pail-clock-${randomUUID()}`);
  private shifted = 0;

  private constructor(
    readonly url: string,
    private readonly port: number,
    private readonly databaseUrl: string,
    private env: NodeJS.ProcessEnv,
  ) {}

  static async open(template: TemplateName, env: NodeJS.ProcessEnv = {}): Promise<Notebook> {
    const adminUrl = process.env.BENT_PAIL_E2E_DATABASE ?? '';
    const { freePort, TEMPLATES } = await scripts();
    const name = `e2e_${randomUUID().replaceAll('-', '')}`;
    const admin = new pg.Client({ connectionString: adminUrl });
    await admin.connect();
    // Copies of one template wait for each other.
    await admin.query('select pg_advisory_lock(7)');
    await admin.query(`create database ${name} template ${TEMPLATES[template]}`);
    await admin.end();
    const worker = Number(process.env.TEST_PARALLEL_INDEX ?? '0');
    const port = await freePort(4500 + 100 * worker);
    const notebook = new Notebook(
      `http://127.0.0.1:${String(port)}`,
      port,
      adminUrl.replace(/\/[^/]+$/, `/${name}`),
      env,
    );
    await notebook.start();
    return notebook;
  }

  /** Starts its server; with other words besides, it is another one from then on. */
  async start(more: NodeJS.ProcessEnv = {}): Promise<void> {
    this.env = { ...this.env, ...more };
    const built = (what: string): string => path.join(ROOT, what, 'dist', this.env.BENT_PAIL_LANGUAGE ?? '');
    this.server = spawn(process.execPath, [path.join(built('server'), 'main.js')], {
      env: {
        ...process.env,
        DATABASE_URL: this.databaseUrl,
        PORT: String(this.port),
        BENT_PAIL_WEB: built('web'),
        BENT_PAIL_CLOCK_FILE: this.clockFile,
        LOG_LEVEL: 'error',
        ...this.env,
      },
      stdio: ['ignore', 'inherit', 'inherit'],
    });
    for (let i = 0; i < 300; i += 1) {
      if (await this.answers()) return;
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
    throw new Error('the server did not become ready');
  }

  private async answers(): Promise<boolean> {
    try {
      return (await fetch(`${this.url}/api/ready`)).ok;
    } catch {
      return false;
    }
  }

  /** Kills the server's process by its id, as a power cut would. */
  async kill(): Promise<void> {
    const { server } = this;
    if (server?.pid === undefined) throw new Error('no server runs');
    const gone = new Promise((resolve) => server.once('exit', resolve));
    process.kill(server.pid, 'SIGKILL');
    await gone;
    this.server = undefined;
  }

  /** Moves the server's clock on. */
  forward(minutes: number): void {
    this.shifted += minutes * 60000;
    fs.writeFileSync(this.clockFile, String(this.shifted));
  }

  /** Asks the database directly, past the server. */
  async rows<T extends pg.QueryResultRow>(sql: string, values: unknown[] = []): Promise<T[]> {
    const client = await this.connect();
    const { rows } = await client.query<T>(sql, values);
    await client.end();
    return rows;
  }

  async connect(): Promise<pg.Client> {
    const client = new pg.Client({ connectionString: this.databaseUrl });
    await client.connect();
    return client;
  }

  async close(): Promise<void> {
    if (this.server !== undefined) await this.kill();
    fs.rmSync(this.clockFile, { force: true });
  }
}

interface Fixtures {
  readonly template: TemplateName;
  /** What its server is told besides. */
  readonly env: NodeJS.ProcessEnv;
  readonly notebook: Notebook;
}

/** What a page throws and nobody catches fails a journey, whatever it is about. */
const heard = base.extend<{ readonly thrown: readonly string[] }>({
  thrown: [
    async ({ browser }, use) => {
      const thrown: string[] = [];
      const hear = (context: BrowserContext): void => {
        context.on('weberror', (error) => {
          thrown.push(`${error.page()?.url() ?? 'a page'}: ${error.error().message}`);
        });
      };
      browser.on('context', hear);
      await use(thrown);
      browser.off('context', hear);
      expect(thrown).toEqual([]);
    },
    { auto: true },
  ],
});

export const test = heard.extend<Fixtures>({
  template: ['demo', { option: true }],
  env: [{}, { option: true }],
  notebook: async ({ template, env }, use) => {
    const notebook = await Notebook.open(template, env);
    await use(notebook);
    await notebook.close();
  },
});

/** For journeys that only look: they share the demo notebook of their worker, and leave it as it was. */
export const look = heard.extend<object, { readonly notebook: Notebook }>({
  notebook: [
    // oxlint-disable-next-line no-empty-pattern -- Playwright reads what a fixture needs off this pattern.
    async ({}, use) => {
      const notebook = await Notebook.open('demo');
      await use(notebook);
      await notebook.close();
    },
    { scope: 'worker' },
  ],
});

export { expect };
