import { createServer, request, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import pg from 'pg';
import { scripts } from '../cluster';
import { Mortal } from './mortal';

type Scratch = Awaited<ReturnType<Awaited<ReturnType<typeof scripts>>['scratchCluster']>>;

/** A PostgreSQL of a test's own, with servers on it that can be killed. */
export class World {
  readonly servers: Mortal[] = [];

  private constructor(
    private readonly postgres: Scratch,
    private readonly databaseUrl: string,
  ) {}

  /** In a folder that is there, or in one of its own. */
  static async begin(folder?: string): Promise<World> {
    const { cluster, scratchCluster } = await scripts();
    const own = folder === undefined ? undefined : cluster(folder, 'scratch');
    const postgres = own === undefined ? scratchCluster() : { ...own, remove: () => own.stop() };
    return new World(postgres, await postgres.start());
  }

  /** One more server on the notebook, open. */
  async serve(env: NodeJS.ProcessEnv = {}): Promise<Mortal> {
    const { freePort } = await scripts();
    const worker = Number(process.env.TEST_PARALLEL_INDEX ?? '0');
    const port = await freePort(6200 + 100 * worker + 10 * this.servers.length);
    const server = new Mortal(`http://127.0.0.1:${String(port)}`, {
      DATABASE_URL: this.databaseUrl,
      PORT: String(port),
      BENT_PAIL_DEMO: '1',
      ...env,
    });
    this.servers.push(server);
    await server.open();
    return server;
  }

  async rows<T extends pg.QueryResultRow>(sql: string): Promise<T[]> {
    const client = new pg.Client({ connectionString: this.databaseUrl });
    await client.connect();
    const { rows } = await client.query<T>(sql);
    await client.end();
    return rows;
  }

  /** PostgreSQL is gone for a moment, stopped or killed, and comes back. */
  async endPostgres(how: 'stopped' | 'killed'): Promise<void> {
    if (how === 'stopped') await this.postgres.stop();
    else this.postgres.child().kill('SIGKILL');
    await this.postgres.start();
  }

  /** Starts PostgreSQL again where it has ended by itself. */
  async bringPostgresBack(): Promise<void> {
    const { exitCode, signalCode } = this.postgres.child();
    if (exitCode !== null || signalCode !== null) await this.postgres.start();
  }

  async end(): Promise<void> {
    for (const server of this.servers) await server.kill();
    await this.postgres.remove();
  }
}

/**
 * A small reverse proxy before some servers: each request goes to the next of those that answer. One that dies under a
 * request is answered for with 502, as proxies do.
 */
export async function proxyTo(
  servers: readonly Mortal[],
): Promise<{ readonly url: string; readonly close: () => void }> {
  let turn = 0;
  const proxy: Server = createServer((incoming, outgoing) => {
    const open = servers.filter(({ lives }) => lives);
    turn += 1;
    const chosen = open[turn % Math.max(1, open.length)];
    const fail = (): void => {
      if (!outgoing.headersSent) outgoing.writeHead(502);
      outgoing.end();
    };
    if (chosen === undefined) {
      fail();
      return;
    }
    const { hostname, port } = new URL(chosen.url);
    const { method, url: address, headers } = incoming;
    const forwarded = { ...headers, 'x-forwarded-for': incoming.socket.remoteAddress };
    const onward = request({ hostname, port, method, path: address, headers: forwarded }, (answer) => {
      outgoing.writeHead(answer.statusCode ?? 502, answer.headers);
      answer.pipe(outgoing);
      answer.on('error', fail);
      answer.on('aborted', () => outgoing.destroy());
    });
    onward.on('error', fail);
    outgoing.on('close', () => onward.destroy());
    incoming.pipe(onward);
  });
  await new Promise<void>((resolve) => proxy.listen(0, '127.0.0.1', resolve));
  const url = `http://127.0.0.1:${String((proxy.address() as AddressInfo).port)}`;
  return {
    url,
    close: () => {
      proxy.closeAllConnections();
      proxy.close();
    },
  };
}
