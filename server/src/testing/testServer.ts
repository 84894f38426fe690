import { randomUUID } from 'node:crypto';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { Me, Page, Role } from '@bent-pail/contract';
import { METRIC } from '@bent-pail/core';
import { pino } from 'pino';
import { inject } from 'vitest';
import { v7 as uuidv7 } from 'uuid';
import { openNotebook } from '../accounts/service';
import { createApp, type App } from '../app';
import { ownWorkshop } from '../cards/workshop';
import type { Clock } from '../clock';
import type { createDataSource } from '../database/dataSource';
import { UserEntity } from '../accounts/entities';
import { openDatabase } from '../database/openDatabase';
import { administer, copyTemplate } from './databases';

const KEPT_MS = 600_000;

/** A clock that tests move by hand. */
export class TestClock implements Clock {
  at = Date.parse('2026-11-24T08:00:00Z');
  now(): number {
    return this.at;
  }
  forward(minutes: number): void {
    this.at += minutes * 60000;
  }
}

export interface Answer<T = unknown> {
  readonly status: number;
  readonly body: T;
  readonly headers: Headers;
}

/** Somebody with a browser: keeps the cookie, comes from our own pages. */
export class Client {
  constructor(
    private readonly base: string,
    private cookie = '',
  ) {}

  /** The same browser, sent to another server of the notebook. */
  at({ base }: Pick<TestServer, 'base'>): Client {
    return new Client(base, this.cookie);
  }

  async send<T = unknown>(
    method: string,
    address: string,
    body?: unknown,
    headers: Record<string, string> = {},
  ): Promise<Answer<T>> {
    const response = await fetch(`${this.base}/api${address}`, {
      method,
      headers: {
        origin: this.base,
        ...(body === undefined ? {} : { 'content-type': 'application/json' }),
        ...(this.cookie === '' ? {} : { cookie: this.cookie }),
        ...headers,
      },
      ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
    });
    const set = response.headers.get('set-cookie');
    if (set !== null) this.cookie = set.split(';')[0] as string;
    const isJson = response.headers.get('content-type')?.includes('json') === true;
    // A stream never ends: that it began is the answer.
    const isStream = response.headers.get('content-type') === 'text/event-stream';
    if (isStream) await response.body?.cancel();
    const text = isStream ? '' : await response.text();
    return {
      status: response.status,
      body: (isJson ? JSON.parse(text) : text === '' ? undefined : text) as T,
      headers: response.headers,
    };
  }

  /** The body of an answer that goes on, as it comes. */
  async stream(address: string, signal: AbortSignal): Promise<ReadableStream<Uint8Array>> {
    const response = await fetch(`${this.base}/api${address}`, {
      headers: { origin: this.base, cookie: this.cookie },
      signal,
    });
    return response.body as ReadableStream<Uint8Array>;
  }

  /** Sends a file as the body. */
  async sendBytes(address: string, file: Buffer | string, type: string): Promise<Answer> {
    const response = await fetch(`${this.base}/api${address}`, {
      method: 'PUT',
      headers: { origin: this.base, cookie: this.cookie, 'content-type': type },
      body: typeof file === 'string' ? file : new Uint8Array(file),
    });
    const text = await response.text();
    return { status: response.status, body: text === '' ? undefined : JSON.parse(text), headers: response.headers };
  }

  async bytes(address: string): Promise<Buffer> {
    const response = await fetch(`${this.base}/api${address}`, { headers: { cookie: this.cookie } });
    return Buffer.from(await response.arrayBuffer());
  }

  get<T = unknown>(address: string): Promise<Answer<T>> {
    return this.send<T>('GET', address);
  }
  /** The rows of a list's first page, as long as a page can be. */
  async list<T>(address: string): Promise<readonly T[]> {
    return (await this.get<Page<T>>(`${address}?limit=200`)).body.rows;
  }
  post<T = unknown>(address: string, body: unknown = {}): Promise<Answer<T>> {
    return this.send<T>('POST', address, body);
  }
}

export interface TestServer {
  readonly base: string;
  readonly clock: TestClock;
  readonly app: App;
  readonly db: ReturnType<typeof createDataSource>;
  readonly databaseUrl: string;
  /** A client signed in as somebody of that role. */
  as: (role: Role) => Promise<Client & { readonly me: Me }>;
  anonymous: () => Client;
  close: () => Promise<void>;
}

interface TestServerOptions {
  readonly demo?: boolean;
  readonly hosts?: readonly string[];
  /** Another server on whose notebook this one works too; it goes first when they close. */
  readonly beside?: TestServer;
}

/** A database of its own for a server, and how it is taken away. */
async function ownDatabase(): Promise<{ readonly databaseUrl: string; readonly drop: () => Promise<void> }> {
  const admin = inject('databaseUrl');
  const name = `t_${randomUUID().replaceAll('-', '')}`;
  return {
    databaseUrl: await copyTemplate(admin, name),
    drop: () => administer(admin, `drop database ${name} with (force)`),
  };
}

/** A whole server, on a database of its own or beside another one. */
export async function startTestServer(options: TestServerOptions = {}): Promise<TestServer> {
  const { beside } = options;
  const { databaseUrl, drop } =
    beside === undefined
      ? await ownDatabase()
      : { databaseUrl: beside.databaseUrl, drop: (): Promise<void> => Promise.resolve() };
  const backups = path.join(tmpdir(), `bent-pail-test-${randomUUID()}`);
  const db = await openDatabase(databaseUrl, backups);
  const notebook = await openNotebook(db, options.demo ?? true);
  const clock = beside?.clock ?? new TestClock();
  const app = createApp({
    ground: { db, clock },
    workshop: ownWorkshop(),
    databaseUrl,
    backups,
    sessionSecret: notebook.sessionSecret,
    logger: pino({ level: 'silent' }),
    hosts: options.hosts ?? [],
  });
  const server: Server = createServer(app.express);
  // A test on a busy machine may pause longer than a connection is kept, and would then write to one just closed.
  server.keepAliveTimeout = KEPT_MS;
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const base = `http://127.0.0.1:${String((server.address() as AddressInfo).port)}`;
  return {
    base,
    clock,
    app,
    db,
    databaseUrl,
    anonymous: () => new Client(base),
    as: async (role) => {
      const user = { id: uuidv7(), name: `${role} ${randomUUID().slice(0, 8)}`, role };
      await db
        .getRepository(UserEntity)
        .insert({ ...user, passwordHash: '-', singleKeys: true, units: null, archivedAt: null, sessionsFrom: null });
      const client = new Client(base);
      const answer = await client.post('/session/demo', { name: user.name });
      if (answer.status !== 200) throw new Error(`sign-in as ${role} answered ${String(answer.status)}`);
      return Object.assign(client, { me: { ...user, singleKeys: true, units: METRIC } });
    },
    close: async () => {
      server.closeAllConnections();
      await new Promise<void>((resolve) => server.close(() => resolve()));
      await app.close();
      await db.destroy();
      await drop();
      await rm(backups, { recursive: true, force: true });
    },
  };
}
