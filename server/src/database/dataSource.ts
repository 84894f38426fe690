import 'reflect-metadata';
import { randomUUID } from 'node:crypto';
import { DataSource } from 'typeorm';
import { RESOURCES } from '../resources';
import { AuthorSubscriber } from './author';
import { MIGRATIONS } from './migrations';
import { SteadyClient } from './steadyClient';

/** By which PostgreSQL knows the connections of a server; each server adds what is its own. */
export const SERVER_NAME = 'bent-pail';

/** Connections held at most; the server stays small and PostgreSQL's own limit far away. */
const POOL = Object.freeze({ max: 16, connectionTimeoutMillis: 3000, Client: SteadyClient });

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
