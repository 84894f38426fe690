import type { EntityManager } from 'typeorm';

/** A column as the database has it. */
export interface Column {
  readonly name: string;
  /** Its type by the database's own short name: `uuid`, `float8`, `_text` for a list of texts. */
  readonly type: string;
  readonly mayLack: boolean;
  /** The database counts it up by itself. */
  readonly isCounted: boolean;
}

/** Columns of a table that name a row of another, or of its own. */
export interface Reference {
  readonly columns: readonly string[];
  readonly to: string;
  readonly targets: readonly string[];
}

/** A table as the database has it. */
export interface Kind {
  readonly name: string;
  readonly columns: readonly Column[];
  readonly key: readonly string[];
  readonly references: readonly Reference[];
  /** Its rows are only ever added. */
  readonly isOnlyAdded: boolean;
}

interface Row {
  readonly name: string;
  readonly columns: readonly Column[];
  readonly key: readonly string[];
  readonly refs: readonly Reference[] | null;
  readonly stands: boolean;
}

const CATALOG = `
  select c.relname as name,
    (select json_agg(json_build_object('name', a.attname, 'type', t.typname, 'mayLack', not a.attnotnull,
        'isCounted', a.attidentity <> '') order by a.attnum)
     from pg_attribute a join pg_type t on t.oid = a.atttypid
     where a.attrelid = c.oid and a.attnum > 0 and not a.attisdropped) as columns,
    (select json_agg(a.attname order by array_position(p.conkey, a.attnum))
     from pg_constraint p join pg_attribute a on a.attrelid = c.oid and a.attnum = any (p.conkey)
     where p.conrelid = c.oid and p.contype = 'p') as key,
    (select json_agg(json_build_object('to', f.confrelid::regclass::text,
        'columns', (select json_agg(a.attname order by array_position(f.conkey, a.attnum))
          from pg_attribute a where a.attrelid = c.oid and a.attnum = any (f.conkey)),
        'targets', (select json_agg(a.attname order by array_position(f.confkey, a.attnum))
          from pg_attribute a where a.attrelid = f.confrelid and a.attnum = any (f.confkey))) order by f.conname)
     from pg_constraint f where f.conrelid = c.oid and f.contype = 'f') as refs,
    exists (select from pg_trigger g where g.tgrelid = c.oid and g.tgname = c.relname || '_stand') as stands
  from pg_class c join pg_namespace n on n.oid = c.relnamespace
  where n.nspname = 'public' and c.relkind = 'r' order by 1`;

/** Every table, those first that others rest on. */
export async function catalogOf(manager: EntityManager): Promise<readonly Kind[]> {
  const rows = await manager.query<Row[]>(CATALOG);
  const left = new Map(
    rows.map(({ name, columns, key, refs, stands }): [string, Kind] => [
      name,
      { name, columns, key, references: refs ?? [], isOnlyAdded: stands },
    ]),
  );
  const ordered: Kind[] = [];
  while (left.size > 0) {
    const next = [...left.values()].filter(
      ({ name, references }) => !references.some(({ to }) => to !== name && left.has(to)),
    );
    if (next.length === 0) throw new Error('tables rest on each other in a circle');
    for (const kind of next) left.delete(kind.name);
    ordered.push(...next);
  }
  return ordered;
}
