import type { Protocol, TableKindKey, TableMapping } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';

export type Row = Readonly<Record<string, unknown>>;

/** Mappings that were used before. */
export const mappingsOf = (
  manager: EntityManager,
  kind: TableKindKey,
): Promise<{ readonly headings: string; readonly mapping: TableMapping }[]> =>
  manager.query('select headings, mapping from table_mappings where kind = $1', [kind]);

/** Keeps which column was what, for a table with the same headings. */
export async function keepMapping(
  manager: EntityManager,
  {
    kind,
    headings,
    mapping,
    byUser,
    now,
  }: { kind: TableKindKey; headings: string; mapping: TableMapping; byUser: string; now: Date },
): Promise<void> {
  await manager.query(
    `insert into table_mappings (kind, headings, mapping, by_user, kept_at) values ($1, $2, $3, $4, $5)
     on conflict (kind, headings) do update set mapping = $3, by_user = $4, kept_at = $5`,
    [kind, headings, JSON.stringify(mapping), byUser, now],
  );
}

/** Rows of a table as JSON by some text of theirs, in small letters. */
async function rowsBy(
  manager: EntityManager,
  table: string,
  text: string,
  keys: readonly string[],
): Promise<ReadonlyMap<string, Row>> {
  const rows = await manager.query<{ by: string; row: Row }[]>(
    `select lower(${text}) as by, to_jsonb(t) as row from ${table} t where lower(${text}) = any ($1)`,
    [[...new Set(keys.map((key) => key.toLowerCase()))]],
  );
  return new Map(rows.map(({ by, row }) => [by, row]));
}

export const materialsCalled = (manager: EntityManager, names: readonly string[]): Promise<ReadonlyMap<string, Row>> =>
  rowsBy(manager, 'materials', 't.name', names);

/** Lots by their material's id and their own code, with a space between. */
export const lotsCalled = (manager: EntityManager, keys: readonly string[]): Promise<ReadonlyMap<string, Row>> =>
  rowsBy(manager, 'lots', `t.material_id || ' ' || t.code`, keys);

export const potsCalled = (manager: EntityManager, names: readonly string[]): Promise<ReadonlyMap<string, Row>> =>
  rowsBy(manager, 'filled_pots', 't.name', names);

/** Pots whose diary is closed. */
export async function emptiedPots(manager: EntityManager): Promise<ReadonlySet<string>> {
  const rows = await manager.query<{ id: string }[]>(
    `select distinct pot_id as id from pot_entries where kind = 'emptied'`,
  );
  return new Set(rows.map(({ id }) => id));
}

/** Rows that are kept under some ids. */
export async function keptRows(
  manager: EntityManager,
  table: 'readings' | 'pot_entries' | 'runs',
  ids: readonly string[],
): Promise<ReadonlyMap<string, Row>> {
  const rows = await manager.query<{ id: string; row: Row }[]>(
    `select id, to_jsonb(t) as row from ${table} t where id = any ($1)`,
    [ids],
  );
  return new Map(rows.map(({ id, row }) => [id, row]));
}

export interface RunToFill {
  readonly id: string;
  readonly number: number;
  readonly isOpen: boolean;
  readonly replicates: number;
  readonly seq: number;
  readonly protocol: Protocol;
}

export async function runsNumbered(
  manager: EntityManager,
  numbers: readonly number[],
): Promise<ReadonlyMap<number, RunToFill>> {
  const rows = await manager.query<RunToFill[]>(
    `select r.id, r.number, r.finished_at is null and r.archived_at is null as "isOpen", r.replicate_count as replicates,
       coalesce((select max(x.seq) from readings x where x.run_id = r.id), 0) as seq, p.body as protocol
     from runs r join protocols p on p.key = r.protocol_key and p.version = r.protocol_version
     where r.number = any ($1)`,
    [[...new Set(numbers)]],
  );
  return new Map(rows.map((row) => [row.number, row]));
}

/** A lot as a laboratory may name its sample. */
export interface SampledLot {
  readonly id: string;
  readonly name: string;
  readonly code: string;
  readonly classId: string | null;
  /** Dry bulk density, kg/L, where it was measured here. */
  readonly density_kgL: number | null;
}

/** Lots at hand that some samples may mean: by name and code, or by the code alone; in small letters. */
export async function lotsSampled(
  manager: EntityManager,
  samples: readonly string[],
): Promise<ReadonlyMap<string, readonly SampledLot[]>> {
  const rows = await manager.query<(SampledLot & { readonly called: string })[]>(
    `select c.called, l.id, m.name, l.code, coalesce(l.class_id, case when not l.own_class then m.class_id end) as "classId",
       case when k.density_measured then k.density end as "density_kgL"
     from lots l join materials m on m.id = l.material_id left join lot_cards k on k.lot_id = l.id
       cross join lateral (values (lower(concat(m.name, ', ', l.code))), (lower(concat(m.name, ' ', l.code))), (lower(l.code))) c (called)
     where c.called = any ($1) and l.archived_at is null and m.archived_at is null`,
    [[...new Set(samples.map((sample) => sample.toLowerCase()))]],
  );
  const found = new Map<string, SampledLot[]>();
  for (const { called, ...lot } of rows) {
    const known = found.get(called) ?? [];
    if (!known.some(({ id }) => id === lot.id)) found.set(called, [...known, lot]);
  }
  return found;
}

/** The number that the next run would have. */
export async function nextRunNumber(manager: EntityManager): Promise<number> {
  const [row] = await manager.query<{ n: number }[]>('select coalesce(max(number), 0) + 1 as n from runs');
  return row?.n ?? 1;
}
