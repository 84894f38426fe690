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

interface Scripts {
  readonly scratchCluster: () => Scratch;
  readonly cluster: (folder: string, name: string, options: { readonly forTests: boolean }) => Cluster;
  readonly freePort: (from: number) => Promise<number>;
}

/** The same scripts that start the product: PostgreSQL of our own, a free port. */
export async function scripts(): Promise<Scripts> {
  const postgres = (await import(path.join(ROOT, 'scripts/postgres.mjs'))) as Pick<Scripts, 'cluster'>;
  const ports = (await import(path.join(ROOT, 'scripts/ports.mjs'))) as Pick<Scripts, 'freePort'>;
  const scratch = (await import(path.join(ROOT, 'scripts/scratch.mjs'))) as Pick<Scripts, 'scratchCluster'>;
  return { ...postgres, ...ports, ...scratch };
}

/** Databases that every test copies its own from. */
export const TEMPLATES = { demo: 'template_demo', empty: 'template_empty' } as const;
export type TemplateName = keyof typeof TEMPLATES;
