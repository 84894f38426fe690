import { tmpdir } from 'node:os';
import path from 'node:path';
import type { TestProject } from 'vitest/node';
import { openDatabase } from '../database/openDatabase';
import { administer, databaseAt, TEMPLATE } from './databases';

interface Cluster {
  start: () => Promise<string>;
  stop: () => Promise<void>;
}

declare module 'vitest' {
  interface ProvidedContext {
    databaseUrl: string;
    /** Folder of what runs apart from the server. */
    programs: string;
  }
}

const ROOT = path.resolve(import.meta.dirname, '../../..');

/** One real PostgreSQL for all server tests, and what runs apart from the server as it is built; each makes a database of its own in it, from one that has the tables. */
export default async function setup(project: TestProject): Promise<() => Promise<void>> {
  const { cluster } = (await import(path.join(ROOT, 'scripts/postgres.mjs'))) as {
    cluster: (folder: string, name: string, options: { readonly forTests: boolean }) => Cluster;
  };
  const postgres = cluster(path.join(ROOT, '.data'), 'test', { forTests: true });
  const url = await postgres.start();
  const programs = path.join(ROOT, 'server/node_modules/.programs');
  const { buildPrograms } = (await import(path.join(ROOT, 'scripts/build.mjs'))) as {
    buildPrograms: (folder: string) => Promise<void>;
  };
  await Promise.all([makeTemplate(url), buildPrograms(programs)]);
  project.provide('databaseUrl', url);
  project.provide('programs', programs);
  return () => postgres.stop();
}

/** An empty notebook with all its tables: bringing them up anew for every test takes longer than most tests. */
async function makeTemplate(url: string): Promise<void> {
  await administer(url, `drop database if exists ${TEMPLATE} with (force)`);
  await administer(url, `create database ${TEMPLATE}`);
  const db = await openDatabase(databaseAt(url, TEMPLATE), path.join(tmpdir(), 'bent-pail-test-template'));
  await db.destroy();
}
