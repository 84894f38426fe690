import path from 'node:path';

/** The door to the house's network: HTTPS with a certificate of the notebook's own. */
export interface NetworkDoor {
  /** Where phones find it, as their pages, QR codes and calendars say it. */
  readonly address: string;
  readonly host: string;
  readonly port: number;
  readonly keyFile: string;
  readonly certFile: string;
  /** Of the authority that vouches for it, for phones to trust. */
  readonly authorityFile: string;
}

/** What the server is told from outside, read once. */
export interface Config {
  readonly databaseUrl: string;
  readonly port: number;
  readonly host: string;
  /** Names beside this computer's own that the notebook answers to. */
  readonly hosts: readonly string[];
  /** Addresses of reverse proxies whose word counts for who asks and over what: `loopback`, an address, a network. */
  readonly proxies: readonly string[];
  readonly network?: NetworkDoor;
  /** Folder for backups: of before an upgrade, of each day, by hand. */
  readonly backups: string;
  /** Folder with the built interface; absent in tests of the API alone. */
  readonly webRoot?: string;
  /** An empty database becomes a demo notebook that opens with one click. */
  readonly demo: boolean;
  /** A file with milliseconds to add to the clock, for rehearsing long soaks. */
  readonly clockFile?: string;
  readonly logLevel: string;
}

/** Where backups go, unless somebody says otherwise. */
export const backupsFolder = (env: NodeJS.ProcessEnv): string => env.BENT_PAIL_BACKUPS ?? path.resolve('.data/backups');

function networkDoor(env: NodeJS.ProcessEnv): NetworkDoor | undefined {
  const address = env.BENT_PAIL_NETWORK_ADDRESS;
  if (address === undefined) return undefined;
  return {
    address,
    host: env.BENT_PAIL_NETWORK_HOST ?? '0.0.0.0',
    port: Number(new URL(address).port),
    keyFile: env.BENT_PAIL_TLS_KEY ?? '',
    certFile: env.BENT_PAIL_TLS_CERT ?? '',
    authorityFile: env.BENT_PAIL_TLS_AUTHORITY ?? '',
  };
}

const listed = (names: string | undefined): string[] => (names ?? '').split(',').filter((name) => name !== '');

export function readConfig(env: NodeJS.ProcessEnv): Config {
  const databaseUrl = env.DATABASE_URL;
  if (databaseUrl === undefined || databaseUrl === '') throw new Error('DATABASE_URL is not set.');
  const webRoot = env.BENT_PAIL_WEB;
  const clockFile = env.BENT_PAIL_CLOCK_FILE;
  const network = networkDoor(env);
  return {
    databaseUrl,
    port: Number(env.PORT ?? 4310),
    host: env.HOST ?? '127.0.0.1',
    hosts: listed(env.BENT_PAIL_HOSTS),
    proxies: listed(env.BENT_PAIL_PROXIES),
    ...(network === undefined ? {} : { network }),
    backups: backupsFolder(env),
    ...(webRoot === undefined ? {} : { webRoot }),
    demo: env.BENT_PAIL_DEMO === '1',
    ...(clockFile === undefined ? {} : { clockFile }),
    logLevel: env.LOG_LEVEL ?? 'info',
  };
}
