import type { EntityManager } from 'typeorm';
import { isPicture, type FileKind } from './kinds';

/** Rows fetched at a time; of pictures only few. */
const AT_A_TIME = { rows: 400, pictures: 4 };

/** Columns by which rows stand in the order in which they were made, so that what is rested on comes first. */
const IN_TIME = ['seq', 'created_at', 'started_at', 'kept_at', 'at', 'n'];

const quoted = (name: string): string => `"${name}"`;

const orderOf = ({ columns, key }: FileKind): string => {
  const names = columns.map(({ name }) => name);
  return [...IN_TIME.filter((name) => names.includes(name)), ...key].map((name) => `t.${quoted(name)}`).join(', ');
};

/** How pictures stand in the rows: whole, or by the name of a file beside it. */
export type Pictures = 'inside' | 'beside';

/** The name of a picture's file. */
export const pictureFile = (kind: string, id: string): string => `photos/${kind}/${id}.jpg`;

function objectOf({ name: kind, told }: FileKind, pictures: Pictures): string {
  const value = (name: string, isBytes: boolean): string => {
    if (!isBytes) return `t.${quoted(name)}`;
    return pictures === 'inside'
      ? `translate(encode(t.${quoted(name)}, 'base64'), E'\\n', '')`
      : `'photos/${kind}/' || t.id || '.jpg'`;
  };
  return `json_build_object(${told.map((one) => `'${one.name}', ${value(one.name, isPicture(one))}`).join(', ')})`;
}

/** Rows of a kind as JSON, some at a time, as the transaction sees them. */
export async function* rowsAsJson(
  manager: EntityManager,
  kind: FileKind,
  pictures: Pictures,
): AsyncGenerator<readonly string[]> {
  const most = pictures === 'inside' && kind.told.some(isPicture) ? AT_A_TIME.pictures : AT_A_TIME.rows;
  await manager.query(
    `declare rows no scroll cursor for select ${objectOf(kind, pictures)}::text as row
     from ${quoted(kind.name)} t ${kind.only === undefined ? '' : `where ${kind.only}`} order by ${orderOf(kind)}`,
  );
  for (;;) {
    const rows = await manager.query<{ row: string }[]>(`fetch ${String(most)} from rows`);
    if (rows.length === 0) break;
    yield rows.map(({ row }) => row);
  }
  await manager.query('close rows');
}

/** Rows that stay behind, by kind. */
export async function countWithheld(manager: EntityManager, kinds: readonly FileKind[]): Promise<number> {
  let withheld = 0;
  for (const { name, hidden } of kinds) {
    if (hidden === undefined) continue;
    const [row] = await manager.query<{ n: number }[]>(
      `select count(*)::int as n from ${quoted(name)} t where ${hidden}`,
    );
    withheld += row?.n ?? 0;
  }
  return withheld;
}

/** Times are written in one way, whatever the server's own settings. */
export async function writeAlike(manager: EntityManager): Promise<void> {
  await manager.query(`set local timezone = 'UTC'`);
  await manager.query(`set local extra_float_digits = 1`);
}

/** The last change of shape that the notebook has seen. */
export async function levelOf(manager: EntityManager): Promise<string> {
  const [row] = await manager.query<{ name: string }[]>('select name from migrations order by id desc limit 1');
  return row?.name ?? '';
}

/** Every shape that the notebook has had: files of all these can be read. */
export async function levelsOf(manager: EntityManager): Promise<readonly string[]> {
  const rows = await manager.query<{ name: string }[]>('select name from migrations');
  return rows.map(({ name }) => name);
}

/** Ids of the pictures of a kind. */
export const picturesKept = (
  manager: EntityManager,
  kind: string,
  only: string | undefined,
): Promise<{ readonly id: string }[]> =>
  manager.query(`select id from ${quoted(kind)} t ${only === undefined ? '' : `where ${only}`} order by id`);

export async function pictureBytes(manager: EntityManager, kind: string, id: string): Promise<Buffer> {
  const [row] = await manager.query<{ jpeg: Buffer }[]>(`select jpeg from ${quoted(kind)} where id = $1`, [id]);
  return row?.jpeg ?? Buffer.alloc(0);
}
