import type { ChildProcess } from 'node:child_process';
import path from 'node:path';

export const ROOT = path.resolve(import.meta.dirname, '../..');

interface Cluster {
  readonly start: () => Promise<string>;
  readonly stop: () => Promise<void>;
  readonly url: (database?: string) => string;
}

interface Scratch extends Cluster {
  /** The process itself. */
  readonly child: () => ChildProcess;
  /** Stops it and throws it away. */
  readonly remove: () => Promise<void>;
}

interface Templates {
  /** Databases that every test copies its own from. */
  readonly TEMPLATES: Readonly<Record<TemplateName, string>>;
  readonly journeys: () => Cluster;
  readonly makeTemplates: (url: string) => Promise<void>;
  readonly makeNobodys: (url: string) => Promise<void>;
}

interface Scripts extends Templates {
  /** A PostgreSQL in a folder that is there. */
  readonly cluster: (folder: string, name: string) => Omit<Scratch, 'remove'>;
  readonly scratchCluster: () => Scratch;
  readonly freePort: (from: number) => Promise<number>;
}

/** The same scripts that start the product: PostgreSQL of our own, a free port. */
export async function scripts(): Promise<Scripts> {
  const templates = (await import(path.join(ROOT, 'scripts/templates.mjs'))) as Templates;
  const ports = (await import(path.join(ROOT, 'scripts/ports.mjs'))) as Pick<Scripts, 'freePort'>;
  const postgres = (await import(path.join(ROOT, 'scripts/postgres.mjs'))) as Pick<Scripts, 'cluster'>;
  const scratch = (await import(path.join(ROOT, 'scripts/scratch.mjs'))) as Pick<Scripts, 'scratchCluster'>;
  return { ...templates, ...ports, ...postgres, ...scratch };
}

export type TemplateName = 'demo' | 'empty' | 'nobodys';
