import type { EntityManager } from 'typeorm';
import type { FileKind } from './kinds';

type Row = Readonly<Record<string, unknown>>;

/** What a row that comes in is to the notebook. */
export interface Met {
  /** Its place among those that were asked about, from 0. */
  readonly place: number;
  readonly known: boolean;
  /** Columns in which it differs from the one that is known. */
  readonly changed: readonly string[];
}

const quoted = (name: string): string => `"${name}"`;
const keysAlike = ({ key }: FileKind): string =>
  key.map((name) => `t.${quoted(name)} = (i.p).${quoted(name)}`).join(' and ');
const incoming = ({ name }: FileKind): string =>
  `select e.ord::int - 1 as place, jsonb_populate_record(null::${quoted(name)}, e.row) as p
   from jsonb_array_elements($1::jsonb) with ordinality e (row, ord)`;

/** Which of some rows are known, and in what they differ. */
export const meet = (manager: EntityManager, kind: FileKind, rows: readonly Row[]): Promise<Met[]> =>
  manager.query<Met[]>(
    `select i.place, t.${quoted(kind.key[0] ?? '')} is not null as known,
       coalesce((select array_agg(a.key order by a.key) from jsonb_each(to_jsonb(t)) a
         where t.${quoted(kind.key[0] ?? '')} is not null and a.value is distinct from to_jsonb(i.p) -> a.key
           and not a.key = any ($2)), '{}') as changed
     from (${incoming(kind)}) i left join ${quoted(kind.name)} t on ${keysAlike(kind)} order by i.place`,
    [JSON.stringify(rows), kind.aside],
  );

/** Numbers that are counted up stay where they are free; the count goes on after the highest of both. */
async function countOn(
  manager: EntityManager,
  { name: kind, columns }: FileKind,
  rows: readonly Row[],
): Promise<Row[]> {
  const counted = columns.find(({ isCounted }) => isCounted)?.name;
  if (counted === undefined) return [...rows];
  const numbers = rows.map((row) => Number(row[counted]));
  const sequence = `pg_get_serial_sequence('${kind}', '${counted}')`;
  const taken = await manager.query<{ n: number }[]>(
    `select ${quoted(counted)} as n from ${quoted(kind)} where ${quoted(counted)} = any ($1)`,
    [numbers],
  );
  await manager.query(
    `select setval(${sequence}, greatest($1::bigint, (select max(${quoted(counted)}) from ${quoted(kind)})))`,
    [Math.max(...numbers)],
  );
  const isTaken = new Set(taken.map(({ n }) => n));
  const next = async (): Promise<number> => {
    const [row] = await manager.query<{ n: string }[]>(`select nextval(${sequence}) as n`);
    return Number(row?.n);
  };
  const all: Row[] = [];
  for (const [i, row] of rows.entries())
    all.push(isTaken.has(numbers[i] as number) ? { ...row, [counted]: await next() } : row);
  return all;
}

/** Adds rows that are new, all or none. */
export async function insertRows(manager: EntityManager, kind: FileKind, rows: readonly Row[]): Promise<void> {
  const counted = await countOn(manager, kind, rows);
  await manager.query(
    `insert into ${quoted(kind.name)} overriding system value
     select (i.p).* from (${incoming(kind)}) i order by i.place`,
    [JSON.stringify(counted.map((row) => ({ ...kind.secret, ...row })))],
  );
}

/** Puts a row in the place of the one that is known. */
export async function replaceRow(manager: EntityManager, kind: FileKind, row: Row): Promise<void> {
  const set = kind.told
    .filter(({ name, isCounted }) => !isCounted && !kind.key.includes(name))
    .map(({ name }) => quoted(name));
  await manager.query(
    `update ${quoted(kind.name)} t set (${set.join(', ')}) = row (${set.map((name) => `(i.p).${name}`).join(', ')})
     from (${incoming(kind)}) i where ${keysAlike(kind)}`,
    [JSON.stringify([row])],
  );
}

/** Tries something that the database may refuse; what came before it stays. */
export async function tried(manager: EntityManager, work: () => Promise<void>): Promise<unknown> {
  await manager.query('savepoint tried');
  try {
    await work();
    await manager.query('release savepoint tried');
    return undefined;
  } catch (error) {
    await manager.query('rollback to savepoint tried');
    return error;
  }
}

/** Until the transaction ends nobody is told of what comes in, and no card is asked for. */
export async function beQuiet(manager: EntityManager): Promise<void> {
  await manager.query(`set local bent_pail.quiet = 'on'`);
}

/** Asks for every card, and for what every pot asks for, once. */
export async function wantAllAnew(manager: EntityManager): Promise<void> {
  await manager.query(`set local bent_pail.quiet = 'off'`);
  // Runs that have grown wait for something else now, and came to other figures.
  const grown = await manager.query<{ id: string }[]>(
    `select r.id from runs r
     where (select max(x.seq) from readings x where x.run_id = r.id) > r.reading_seq`,
  );
  const ids = grown.map(({ id }) => id);
  await manager.query(
    `update runs r set reading_seq = (select max(x.seq) from readings x where x.run_id = r.id) where r.id = any ($1)`,
    [ids],
  );
  await manager.query(`update run_states set methods = '' where run_id = any ($1)`, [ids]);
  await manager.query(`update run_figures set method = '' where run_id = any ($1)`, [ids]);
  await manager.query('select want_card(id) from lots order by id');
  await manager.query('update pot_watches set wanted = wanted + 1');
}

/** Takes away what a new notebook begins with and the file has as well, under other ids. */
export async function forgetBeginnings(manager: EntityManager): Promise<void> {
  await manager.query('delete from guides where by_user is null and version = 1');
}

/** Whether anybody has begun to work with this notebook. */
export async function isBegun(manager: EntityManager): Promise<boolean> {
  const [row] = await manager.query<{ begun: boolean }[]>(
    'select exists (select from materials) or exists (select from blends) or exists (select from vessels) as begun',
  );
  return row?.begun === true;
}
