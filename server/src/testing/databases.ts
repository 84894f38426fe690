import pg from 'pg';

/** The database that those of tests are copied from. */
export const TEMPLATE = 'test_template';

/** The address of another database of the same PostgreSQL. */
export const databaseAt = (url: string, name: string): string => url.replace(/\/[^/]+$/, `/${name}`);

/** Copies of one template wait for each other. */
const COPYING_LOCK = 8;

/** Says something to PostgreSQL past any notebook. */
export async function administer(url: string, ...sql: readonly string[]): Promise<void> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    for (const one of sql) await client.query(one);
  } finally {
    await client.end();
  }
}

/** A new database with the tables of a notebook, and its address. */
export async function copyTemplate(url: string, name: string): Promise<string> {
  await administer(
    url,
    `select pg_advisory_lock(${String(COPYING_LOCK)})`,
    `create database ${name} template ${TEMPLATE}`,
  );
  return databaseAt(url, name);
}
