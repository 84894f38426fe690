import { createHash } from 'node:crypto';
import type pg from 'pg';

/** The n-th id of a kind: the same in every notebook of a seed. */
export function idOf(kind: string, n: number): string {
  const hex = createHash('sha256')
    .update(`${kind} ${String(n)}`)
    .digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-7${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}

type Column = readonly unknown[];

/** Inserts columns side by side, each sent as its type and kept as what comes after the `>` where that differs. */
export async function insert(
  client: pg.Client,
  table: string,
  columns: Readonly<Record<string, readonly [type: string, Column]>>,
): Promise<void> {
  const names = Object.keys(columns);
  const typed = Object.values(columns).map(([type], i) => ({ at: `$${String(i + 1)}`, types: type.split('>') }));
  const sent = typed.map(({ at, types }) => `${at}::${String(types[0])}[]`);
  const kept = typed.map(({ types }, i) => `${String(names[i])}::${String(types.at(-1))}`);
  await client.query(
    `insert into ${table} (${names.join(', ')}) select ${kept.join(', ')} from unnest(${sent.join(', ')}) as given (${names.join(', ')})`,
    Object.values(columns).map(([, column]) => column),
  );
}
