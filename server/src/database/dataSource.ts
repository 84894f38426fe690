import 'reflect-metadata';
import { DataSource } from 'typeorm';
import { ENTITIES } from './entities';
import { FirstSlice1764000000000 } from './migrations/1764000000000-firstSlice';
import { Instruments1764120000000 } from './migrations/1764120000000-instruments';
import { Live1764130000000 } from './migrations/1764130000000-live';
import { Notes1764150000000 } from './migrations/1764150000000-notes';
import { Stock1764160000000 } from './migrations/1764160000000-stock';
import { Laboratory1764260000000 } from './migrations/1764260000000-laboratory';
import { GuidesAndJobs1764330000000 } from './migrations/1764330000000-guidesAndJobs';
import { SampleAndMv1764250000000 } from './migrations/1764250000000-sampleAndMv';
import { Measures1764500000000 } from './migrations/1764500000000-measures';
import { OwnProtocols1764140000000 } from './migrations/1764140000000-ownProtocols';

/** Connections held at most; the server stays small and PostgreSQL's own limit far away. */
const POOL = Object.freeze({ max: 16, connectionTimeoutMillis: 3000 });

export function createDataSource(url: string): DataSource {
  return new DataSource({
    type: 'postgres',
    url,
    entities: ENTITIES,
    migrations: [
      FirstSlice1764000000000,
      Instruments1764120000000,
      Live1764130000000,
      OwnProtocols1764140000000,
      Notes1764150000000,
      Stock1764160000000,
      SampleAndMv1764250000000,
      Laboratory1764260000000,
      GuidesAndJobs1764330000000,
      Measures1764500000000,
    ],
    synchronize: false,
    uuidExtension: 'pgcrypto',
    installExtensions: false,
    extra: POOL,
    // A stopped PostgreSQL drops idle connections; the next query says so by itself.
    poolErrorHandler: () => undefined,
  });
}
