import path from 'node:path';

export const ROOT = path.resolve(import.meta.dirname, '../..');

interface Cluster {
  readonly start: () => Promise<string>;
  readonly stop: () => void;
  readonly url: (database?: string) => string;
}

interface Scripts {
  readonly cluster: (folder: string, name: string) => Cluster;
  readonly freePort: (from: number) => Promise<number>;
}

/** The same scripts that start the product: PostgreSQL of our own, a free port. */
export async function scripts(): Promise<Scripts> {
  return (await import(path.join(ROOT, 'scripts/postgres.mjs'))) as Scripts;
}

/** Databases that every test copies its own from. */
export const TEMPLATES = { demo: 'template_demo', empty: 'template_empty' } as const;
export type TemplateName = keyof typeof TEMPLATES;
