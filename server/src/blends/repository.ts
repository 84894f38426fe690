import type { BlendRow, BlendsAsked, BlendVersion, DeskBlend, Page, Recipe } from '@bent-pail/contract';
import type { BlendRef, FlatLine, KeptRecipe } from '@bent-pail/core';
import { IsNull, type EntityManager } from 'typeorm';
import { optional } from '../database/optional';
import { Conditions, readPage, type GroupBy, type SortBy } from '../database/paging';
import { BlendEntity, BlendVersionEntity } from './entities';
import { versionName } from './versionName';

/** Blends by their newest version. */
const LATEST = `
  from blends b
  join lateral (select * from blend_versions w where w.blend_id = b.id order by w.n desc limit 1) v on true
  join users u on u.id = v.by_user`;

const VERSION = `
  v.id as "versionId", v.n, v.recipe, v.flat, v.result, v.reason, v.kept_at as "keptAt", u.name as "keptBy"`;

type VersionRow = Omit<BlendVersion, 'id' | 'names' | 'input' | 'reason' | 'keptAt'> & {
  readonly versionId: string;
  readonly reason: string | null;
  readonly keptAt: Date;
};

interface LatestRow extends VersionRow {
  readonly id: string;
  readonly name: string;
}

type Line = Recipe['lines'][number];

/** What lines are called: lots by their material, blends inside by their name and version. */
async function namesFor(manager: EntityManager, recipes: readonly Recipe[]): Promise<(line: Line) => string> {
  const lines = recipes.flatMap((recipe) => recipe.lines);
  const lots = await manager.query<{ id: string; name: string }[]>(
    'select l.id, m.name from lots l join materials m on m.id = l.material_id where l.id = any($1)',
    [lines.flatMap(({ lotId }) => lotId ?? [])],
  );
  const blends = await manager.query<{ id: string; name: string }[]>('select id, name from blends where id = any($1)', [
    lines.flatMap(({ blend }) => blend?.id ?? []),
  ]);
  const names = new Map([...lots, ...blends].map(({ id, name }) => [id, name]));
  return ({ lotId, blend }) =>
    blend === undefined ? (names.get(lotId ?? '') ?? '') : versionName(names.get(blend.id) ?? '', blend.n);
}

function toVersion(row: VersionRow, nameOf: (line: Line) => string): BlendRow['latest'] {
  const { versionId, n, recipe, flat, result, reason, keptAt, keptBy } = row;
  return {
    id: versionId,
    n,
    recipe,
    names: recipe.lines.map(nameOf),
    flat,
    result,
    ...optional('reason', reason),
    keptAt: keptAt.toISOString(),
    keptBy,
  };
}

async function toRows(manager: EntityManager, rows: readonly LatestRow[]): Promise<BlendRow[]> {
  const nameOf = await namesFor(
    manager,
    rows.map(({ recipe }) => recipe),
  );
  return rows.map((row) => ({ id: row.id, name: row.name, latest: toVersion(row, nameOf) }));
}

const figure = (key: string): string => `(v.result ->> '${key}')::float8`;

const SORTS: Readonly<Record<NonNullable<BlendsAsked['sort']>, SortBy>> = {
  newest: { sql: 'b.created_at', type: 'timestamptz', usual: 'down' },
  name: { sql: 'lower(b.name)', type: 'text', usual: 'up' },
  air: { sql: figure('air'), type: 'float8', usual: 'down', mayLack: true },
  water: { sql: figure('water'), type: 'float8', usual: 'down', mayLack: true },
  ph: { sql: figure('pH'), type: 'float8', usual: 'up', mayLack: true },
  price: { sql: figure('pricePerL'), type: 'float8', usual: 'up', mayLack: true },
  pot: { sql: `lower(v.recipe ->> 'potName')`, type: 'text', usual: 'up' },
  shrink: { sql: figure('shrink'), type: 'float8', usual: 'up', mayLack: true },
};

const GROUPS: Readonly<Record<NonNullable<BlendsAsked['group']>, GroupBy>> = {
  pot: { sql: `v.recipe ->> 'potName'`, order: 'up' },
  person: { sql: 'u.name', order: 'up' },
};

/** One page of the blends. */
export async function pageOfBlends(manager: EntityManager, asked: BlendsAsked, zone: string): Promise<Page<BlendRow>> {
  const conditions = new Conditions();
  conditions.find(asked.find, `concat_ws(' ', b.name, v.recipe ->> 'potName', u.name)`);
  conditions.away(asked, 'b.archived_at');
  if (asked.lot !== undefined)
    conditions.and(`v.flat @> jsonb_build_array(jsonb_build_object('lotId', ${conditions.value(asked.lot)}::text))`);
  if (asked.person !== undefined) conditions.and(`v.by_user = ${conditions.value(asked.person)}`);
  conditions.days('v.kept_at', asked, zone);
  const page = await readPage<LatestRow>(manager, {
    select: `b.id, b.name, ${VERSION}`,
    from: LATEST,
    id: 'b.id',
    conditions,
    sort: SORTS[asked.sort ?? 'newest'],
    ...(asked.group === undefined ? {} : { group: GROUPS[asked.group] }),
    asked,
  });
  return { ...page, rows: await toRows(manager, page.rows) };
}

/** What a litre made costs of every blend whose parts all have a price, by its newest version. */
export const pricesOfBlends = (
  manager: EntityManager,
): Promise<{ readonly id: string; readonly name: string; readonly pricePerL: number }[]> =>
  manager.query(
    `select b.id, b.name, ${figure('pricePerL')} as "pricePerL" ${LATEST}
     where v.result ->> 'pricePerL' is not null and b.archived_at is null order by lower(b.name), b.id`,
  );

/** Every version of a blend, newest first, with what went into it. */
export async function versionsOf(manager: EntityManager, blendId: string): Promise<readonly BlendVersion[]> {
  const rows = await manager.query<(VersionRow & Pick<BlendVersion, 'input'>)[]>(
    `select ${VERSION}, v.input from blend_versions v join users u on u.id = v.by_user where v.blend_id = $1 order by v.n desc`,
    [blendId],
  );
  const nameOf = await namesFor(
    manager,
    rows.map(({ recipe }) => recipe),
  );
  return rows.map((row) => ({ ...toVersion(row, nameOf), input: row.input }));
}

interface KeptRow {
  readonly blendId: string;
  readonly name: string;
  readonly n: number;
  readonly flat: readonly FlatLine[];
  readonly made: number;
}

const keptRows = (manager: EntityManager, blendIds: readonly string[]): Promise<readonly KeptRow[]> =>
  manager.query<KeptRow[]>(
    `select v.blend_id as "blendId", b.name, v.n, v.flat, (v.result ->> 'volume')::float8 as made
     from blend_versions v join blends b on b.id = v.blend_id where v.blend_id = any($1) order by v.n desc`,
    [blendIds],
  );

/** Blends that are at hand, at most: the newest. */
const AT_HAND = 60;

/** Blends as other recipes take them up: those named, or, where none is, the newest. */
export async function blendsForDesk(manager: EntityManager, ids: readonly string[]): Promise<readonly DeskBlend[]> {
  const [meant, values] =
    ids.length === 0
      ? [
          `in (select id from blends where archived_at is null order by created_at desc, id desc limit ${String(AT_HAND)})`,
          [],
        ]
      : ['= any($1)', [ids]];
  const rows = await manager.query<LatestRow[]>(
    `select b.id, b.name, ${VERSION} ${LATEST} where b.id ${meant} order by b.created_at desc, b.id desc`,
    values,
  );
  const kept = await keptRows(
    manager,
    rows.map(({ id }) => id),
  );
  return (await toRows(manager, rows)).map((row) => ({
    ...row,
    kept: kept.filter(({ blendId }) => blendId === row.id).map(({ n, flat, made }) => ({ n, flat, made })),
  }));
}

/** The kept versions that a recipe names, as it takes them up. */
export async function versionsNamed(
  manager: EntityManager,
  lines: readonly Line[],
): Promise<(ref: BlendRef) => KeptRecipe | undefined> {
  const kept = await keptRows(
    manager,
    lines.flatMap(({ blend }) => blend?.id ?? []),
  );
  return ({ id, n }) => {
    const found = kept.find((one) => one.blendId === id && one.n === n);
    return found === undefined ? undefined : { name: found.name, lines: found.flat, made: found.made };
  };
}

/** Takes a blend's name where it is new, and holds the blend until the transaction ends. */
export async function holdBlend(
  manager: EntityManager,
  { id, name, now }: { readonly id: string; readonly name: string; readonly now: Date },
): Promise<void> {
  await manager.query('insert into blends (id, name, created_at) values ($1, $2, $3) on conflict (id) do nothing', [
    id,
    name,
    now,
  ]);
  await manager.query('select id from blends where id = $1 for update', [id]);
}

export const countBlends = (manager: EntityManager): Promise<number> =>
  manager.countBy(BlendEntity, { archivedAt: IsNull() });

export const blendOf = (manager: EntityManager, id: string): Promise<BlendEntity | null> =>
  manager.findOneBy(BlendEntity, { id });

/** A blend, held until the transaction ends. */
export const heldBlend = (manager: EntityManager, id: string): Promise<BlendEntity | null> =>
  manager.findOne(BlendEntity, { where: { id }, lock: { mode: 'pessimistic_write' } });

/** The number of a blend's newest version; undefined for what is no blend. */
export async function newestVersionOf(manager: EntityManager, blendId: string): Promise<number | undefined> {
  const n = await manager.maximum(BlendVersionEntity, 'n', { blendId });
  return n ?? undefined;
}

export const versionOf = (manager: EntityManager, blendId: string, n: number): Promise<BlendVersionEntity | null> =>
  manager.findOneBy(BlendVersionEntity, { blendId, n });

/** Keeps the next version of a blend that is held. */
export async function insertVersion(manager: EntityManager, version: Omit<BlendVersionEntity, 'n'>): Promise<void> {
  const n = (await manager.countBy(BlendVersionEntity, { blendId: version.blendId })) + 1;
  await manager.insert(BlendVersionEntity, { ...version, n });
}
