import type pg from 'pg';
import { OF_THE_HOUR } from './ofTheHour';

/** What a table holds: how many rows, and a sum over all of them in which their order does not count. */
export interface TableContent {
  readonly rows: number;
  readonly sum: string;
}

export type Contents = Readonly<Record<string, TableContent>>;

/** Settings under which a row has one way to be written. */
const AS_WRITTEN = `set timezone = 'UTC'; set datestyle = 'ISO, YMD'; set bytea_output = 'hex'; set extra_float_digits = 1; set intervalstyle = 'postgres'`;

/** Rows and checksum of every table but those of the hour, as the connection's transaction sees them. */
export async function contentsOf(client: pg.ClientBase): Promise<Contents> {
  await client.query(AS_WRITTEN);
  const { rows: tables } = await client.query<{ name: string }>(
    `select tablename as name from pg_tables where schemaname = 'public' and tablename <> all($1) order by 1`,
    [OF_THE_HOUR],
  );
  const contents: Record<string, TableContent> = {};
  for (const { name } of tables) {
    const { rows } = await client.query<TableContent>(
      `select count(*)::int as rows, coalesce(sum(('x' || substr(md5(t::text), 1, 15))::bit(60)::bigint), 0)::text as sum from "${name}" t`,
    );
    contents[name] = rows[0] as TableContent;
  }
  return contents;
}

/** Tables of which two notebooks hold something else. */
export function differing(one: Contents, other: Contents): string[] {
  const names = new Set([...Object.keys(one), ...Object.keys(other)]);
  return [...names].filter((name) => one[name]?.rows !== other[name]?.rows || one[name]?.sum !== other[name]?.sum);
}
