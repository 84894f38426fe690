import 'reflect-metadata';
import { randomUUID } from 'node:crypto';
import { DataSource } from 'typeorm';
import { RESOURCES } from '../resources';
import { AuthorSubscriber } from './author';
import { MIGRATIONS } from './migrations';
import { SERVER_NAME } from './serverName';
import { SteadyClient } from './steadyClient';

/**
 * Connections held at most; the server stays small and PostgreSQL's own limit far away. Questions are many and small:
 * PostgreSQL would take a long text of one for a long work, and compile it for 200 ms to save none.
 */
const POOL = Object.freeze({ max: 16, connectionTimeoutMillis: 3000, Client: SteadyClient, options: '-c jit=off' });

export function createDataSource(url: string): DataSource {
  return new DataSource({
    type: 'postgres',
    url,
    entities: RESOURCES.flatMap(({ entities }) => entities ?? []),
    migrations: MIGRATIONS,
    subscribers: [AuthorSubscriber],
    synchronize: false,
    uuidExtension: 'pgcrypto',
    installExtensions: false,
    extra: POOL,
    applicationName: `${SERVER_NAME} ${randomUUID()}`,
    // A stopped PostgreSQL drops idle connections; the next query says so by itself.
    poolErrorHandler: () => undefined,
  });
}
