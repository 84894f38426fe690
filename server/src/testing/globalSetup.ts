import path from 'node:path';
import type { TestProject } from 'vitest/node';

interface Cluster {
  start: () => Promise<string>;
  stop: () => Promise<void>;
}

declare module 'vitest' {
  interface ProvidedContext {
    databaseUrl: string;
  }
}

const ROOT = path.resolve(import.meta.dirname, '../../..');

/** One real PostgreSQL for all server tests; each test file makes a database of its own in it. */
export default async function setup(project: TestProject): Promise<() => Promise<void>> {
  const { cluster } = (await import(path.join(ROOT, 'scripts/postgres.mjs'))) as {
    cluster: (folder: string, name: string, options: { readonly forTests: boolean }) => Cluster;
  };
  const postgres = cluster(path.join(ROOT, '.data'), 'test', { forTests: true });
  project.provide('databaseUrl', await postgres.start());
  return () => postgres.stop();
}
