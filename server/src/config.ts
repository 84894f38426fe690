/** What the server is told from outside, read once. */
export interface Config {
  readonly databaseUrl: string;
  readonly port: number;
  readonly host: string;
  /** Folder with the built interface; absent in tests of the API alone. */
  readonly webRoot?: string;
  /** An empty database becomes a demo notebook that opens with one click. */
  readonly demo: boolean;
  /** A file with milliseconds to add to the clock, for rehearsing long soaks. */
  readonly clockFile?: string;
  readonly logLevel: string;
}

export function readConfig(env: NodeJS.ProcessEnv): Config {
  const databaseUrl = env.DATABASE_URL;
  if (databaseUrl === undefined || databaseUrl === '') throw new Error('DATABASE_URL is not set.');
  const webRoot = env.BENT_PAIL_WEB;
  const clockFile = env.BENT_PAIL_CLOCK_FILE;
  return {
    databaseUrl,
    port: Number(env.PORT ?? 4310),
    host: env.HOST ?? '127.0.0.1',
    ...(webRoot === undefined ? {} : { webRoot }),
    demo: env.BENT_PAIL_DEMO === '1',
    ...(clockFile === undefined ? {} : { clockFile }),
    logLevel: env.LOG_LEVEL ?? 'info',
  };
}
