import type { DeskLot, LotOrigin, LotRow, LotsAsked, LotSort, Page, PreparationRecord } from '@bent-pail/contract';
import { MEDIA_CLASSES, type CountedFigure, type LotAmongOthers, type LotCard } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { optional } from '../database/optional';
import { Conditions, readPage, type GroupBy, type SortBy } from '../database/paging';
import { readIds } from '../http/body';

/** A lot with its material, its card's head, where it is from and what is left of it: one row, no reading. */
const FROM = `
  from lots l
  join materials m on m.id = l.material_id
  left join lot_cards c on c.lot_id = l.id
  left join lots source on source.id = l.prepared_from
  left join blend_versions version on version.id = l.blend_version_id
  left join blends blend on blend.id = version.blend_id`;

/** The class of a lot: its own, else its material's. */
const CLASS = 'case when l.own_class then l.class_id else m.class_id end';

/** Put away by itself, or with all of its material. */
const ARCHIVED = `case when m.archived_at is not null then 'material' when l.archived_at is not null then 'lot' end`;

const ROW = `
  l.id, l.material_id as "materialId", m.name, m.kind, l.code, m.aliases, ${CLASS} as "classId", l.own_class as "ownClass", l.parted_off as "partedOff", ${ARCHIVED} as archived, l.source, l.grade,
  l.bought_on::text as "boughtOn", l.price::float8 as price, l.pack_volume_l as "packVolume_L", l.pack_weight_kg as "packWeight_kg", l.opens_to as "opensTo", l.opens_to_by as "opensToBy", l.state, l.label_ingredients as "labelIngredients", l.label_analysis as "labelAnalysis", l.version,
  m.version as "materialVersion", l.prepared_from as "fromId", source.code as "fromCode", l.prepared_how as how,
  l.preparation, version.blend_id as "blendId", blend.name as "blendName", version.n,
  (select sum(s.change_l)::float8 from stock_movements s where s.lot_id = l.id) as stock,
  (select count(*)::int from runs r where r.lot_id = l.id and r.finished_at is not null) as "finishedRuns",
  (select count(*)::int from runs r where r.lot_id = l.id and r.finished_at is null and r.archived_at is null) as "openRuns",
  c.pail, c.density, c.density_measured as "densityMeasured", c.ph, c.ph_measured as "phMeasured",
  c.price_per_l as "pricePerL", c.trouble, c.component is not null as usable, c.wanted is distinct from c.made as following`;

interface Row {
  readonly id: string;
  readonly materialId: string;
  readonly name: string;
  readonly kind: LotRow['kind'];
  readonly code: string;
  readonly aliases: readonly string[];
  readonly classId: string | null;
  readonly ownClass: boolean;
  readonly partedOff: boolean;
  readonly archived: NonNullable<LotRow['archived']> | null;
  readonly source: string | null;
  readonly grade: string | null;
  readonly boughtOn: string | null;
  readonly price: number | null;
  readonly packVolume_L: number | null;
  readonly packWeight_kg: number | null;
  readonly opensTo: number | null;
  readonly opensToBy: string | null;
  readonly state: string | null;
  readonly labelIngredients: string | null;
  readonly labelAnalysis: string | null;
  readonly version: number;
  readonly materialVersion: number;
  readonly fromId: string | null;
  readonly fromCode: string | null;
  readonly how: string | null;
  readonly preparation: PreparationRecord | null;
  readonly blendId: string | null;
  readonly blendName: string | null;
  readonly n: number | null;
  readonly stock: number | null;
  readonly finishedRuns: number;
  readonly openRuns: number;
  readonly pail: NonNullable<LotRow['pail']> | null;
  readonly density: number | null;
  readonly densityMeasured: boolean | null;
  readonly ph: number | null;
  readonly phMeasured: boolean | null;
  readonly pricePerL: number | null;
  readonly trouble: string | null;
  readonly usable: boolean;
  readonly following: boolean;
}

function originOf({ fromId, fromCode, how, preparation, blendId, blendName, n }: Row): LotOrigin {
  if (fromId !== null && how !== null)
    return { kind: 'prepared', fromId, fromCode: fromCode ?? '', how, record: preparation ?? {} };
  if (blendId !== null && n !== null) return { kind: 'batch', blendId, blendName: blendName ?? '', n };
  return { kind: 'bought' };
}

function toLotRow(row: Row): LotRow {
  return {
    id: row.id,
    materialId: row.materialId,
    name: row.name,
    kind: row.kind,
    code: row.code,
    aliases: row.aliases,
    ...optional('classId', row.classId),
    ...(row.ownClass ? { ownClass: true as const } : {}),
    ...(row.partedOff ? { partedOff: true as const } : {}),
    ...optional('archived', row.archived),
    ...optional('source', row.source),
    ...optional('grade', row.grade),
    ...optional('boughtOn', row.boughtOn),
    ...optional('price', row.price),
    ...optional('packVolume_L', row.packVolume_L),
    ...optional('packWeight_kg', row.packWeight_kg),
    ...optional('opensTo', row.opensTo),
    ...optional('opensToBy', row.opensToBy),
    ...optional('state', row.state),
    ...optional('labelIngredients', row.labelIngredients),
    ...optional('labelAnalysis', row.labelAnalysis),
    origin: originOf(row),
    ...optional('stock_L', row.stock),
    version: row.version,
    materialVersion: row.materialVersion,
    finishedRuns: row.finishedRuns,
    openRuns: row.openRuns,
    ...optional('pail', row.pail),
    ...(row.density === null ? {} : { density_gcc: { value: row.density, measured: row.densityMeasured === true } }),
    ...(row.ph === null ? {} : { pH: { value: row.ph, measured: row.phMeasured === true } }),
    ...optional('pricePerL', row.pricePerL),
    usable: row.usable,
    ...(row.following ? { following: true as const } : {}),
    ...optional('trouble', row.trouble),
  };
}

const SORTS: Readonly<Record<LotSort, SortBy>> = {
  newest: { sql: 'l.created_at', type: 'timestamptz', usual: 'down' },
  name: { sql: `lower(m.name || ', ' || l.code)`, type: 'text', usual: 'up' },
  air: { sql: 'c.air', type: 'float8', usual: 'down', mayLack: true },
  water: { sql: 'c.water', type: 'float8', usual: 'down', mayLack: true },
  density: { sql: 'c.density', type: 'float8', usual: 'up', mayLack: true },
  ph: { sql: 'c.ph', type: 'float8', usual: 'up', mayLack: true },
  price: { sql: 'c.price_per_l', type: 'float8', usual: 'up', mayLack: true },
};

const GROUPS: Readonly<Record<NonNullable<LotsAsked['group']>, GroupBy>> = {
  kind: { sql: 'm.kind', order: 'up' },
  class: { sql: `coalesce(${CLASS}, '')`, order: 'up' },
};

const IN_STATE: Readonly<Record<NonNullable<LotsAsked['state']>, string>> = {
  measured: `exists (select 1 from runs r where r.lot_id = l.id and r.finished_at is not null)`,
  unmeasured: `not exists (select 1 from runs r where r.lot_id = l.id and r.finished_at is not null)`,
  open: `exists (select 1 from runs r where r.lot_id = l.id and r.finished_at is null and r.archived_at is null)`,
  trouble: 'c.trouble is not null',
  archived: `${ARCHIVED} is not null`,
};

/** A lot answers to its material's name, other names, its code, its source, its grade and its class. */
const CALLED = `concat_ws(' ', m.name, l.code, array_to_string(m.aliases, ' '), l.source, l.grade)`;

/** Classes whose name has a word in it. */
const classesWith = (word: string): readonly string[] =>
  MEDIA_CLASSES.filter(({ label }) => label.toLowerCase().includes(word.toLowerCase())).map(({ id }) => id);

function conditionsOf(asked: LotsAsked): Conditions {
  const conditions = new Conditions();
  conditions.find(asked.find, CALLED, (word) => `${CLASS} = any(${conditions.value(classesWith(word))}::text[])`);
  if (asked.kind !== undefined) conditions.and(`m.kind = ${conditions.value(asked.kind)}`);
  if (asked.material !== undefined) conditions.and(`m.id = ${conditions.value(asked.material)}`);
  if (asked.ids !== undefined) conditions.and(`l.id = any(${conditions.value(readIds(asked.ids))}::uuid[])`);
  if (asked.classId !== undefined) conditions.and(`${CLASS} = ${conditions.value(asked.classId)}`);
  if (asked.state !== undefined) conditions.and(IN_STATE[asked.state]);
  // What was put away is seen where somebody asks for it, or names it.
  if (asked.state !== 'archived' && asked.ids === undefined)
    conditions.and('l.archived_at is null and m.archived_at is null');
  if (asked.protocol !== undefined)
    conditions.and(
      `exists (select 1 from runs r where r.lot_id = l.id and r.finished_at is not null and r.protocol_key = ${conditions.value(asked.protocol)})`,
    );
  if (asked.from !== undefined) conditions.and(`l.bought_on >= ${conditions.value(asked.from)}`);
  if (asked.to !== undefined) conditions.and(`l.bought_on <= ${conditions.value(asked.to)}`);
  if (asked.mostPerL !== undefined) conditions.and(`c.price_per_l <= ${conditions.value(asked.mostPerL)}`);
  return conditions;
}

/** One page of the shelf. */
export async function pageOfLots(manager: EntityManager, asked: LotsAsked): Promise<Page<LotRow>> {
  const page = await readPage<Row>(manager, {
    select: ROW,
    from: FROM,
    id: 'l.id',
    conditions: conditionsOf(asked),
    sort: SORTS[asked.sort ?? 'newest'],
    ...(asked.group === undefined ? {} : { group: GROUPS[asked.group] }),
    asked,
  });
  return { ...page, rows: page.rows.map(toLotRow) };
}

/** Lots by their ids, in the order of the ids; one that there is not is left out. */
export async function lotsNamed(manager: EntityManager, ids: readonly string[]): Promise<readonly LotRow[]> {
  const rows = await manager.query<Row[]>(`select ${ROW} ${FROM} where l.id = any($1)`, [ids]);
  return ids.flatMap((id) => rows.filter((row) => row.id === id).map(toLotRow));
}

/** A lot with its whole card. */
export interface LotWithCard {
  readonly row: LotRow;
  readonly card: LotCard;
}

interface CardColumns {
  readonly pail: NonNullable<LotCard['pail']> | null;
  readonly component: NonNullable<LotCard['component']> | null;
  readonly card: Omit<LotCard, 'pail' | 'component'> | null;
}

/** Lots with their cards as they were last worked out, in the order of the ids. */
export async function lotsWithCards(manager: EntityManager, ids: readonly string[]): Promise<readonly LotWithCard[]> {
  const rows = await manager.query<(Row & CardColumns)[]>(
    `select ${ROW}, c.component, c.card ${FROM} where l.id = any($1)`,
    [ids],
  );
  const withCards = rows.map((row): LotWithCard => ({
    row: toLotRow(row),
    card: {
      ...(row.card ?? { figures: [], missing: [] }),
      ...optional('pail', row.pail),
      ...optional('component', row.component),
    },
  }));
  return ids.flatMap((id) => withCards.filter(({ row }) => row.id === id));
}

/** Lots that are at hand, at most: of each kind the newest. */
const AT_HAND = Object.freeze({ material: 60, product: 30 });

const newestOf = (kind: keyof typeof AT_HAND): string =>
  `(select n.id from lots n join materials k on k.id = n.material_id join lot_cards h on h.lot_id = n.id
    where k.kind = '${kind}' and h.component is not null and n.archived_at is null and k.archived_at is null
    order by n.created_at desc, n.id desc limit ${String(AT_HAND[kind])})`;

type DeskRow = Row & Pick<CardColumns, 'component'>;

const toDeskLot = (row: DeskRow): DeskLot => ({ ...toLotRow(row), ...optional('component', row.component) });

/** Lots that are at hand, as a prediction takes them: the newest of which enough is known. */
export async function lotsAtHand(manager: EntityManager): Promise<readonly DeskLot[]> {
  const rows = await manager.query<DeskRow[]>(
    `select ${ROW}, c.component ${FROM} where l.id in (${newestOf('material')} union all ${newestOf('product')})
     order by l.created_at desc, l.id desc`,
  );
  return rows.map(toDeskLot);
}

/** Lots by their ids, as a prediction takes them. */
export async function deskLotsNamed(manager: EntityManager, ids: readonly string[]): Promise<readonly DeskLot[]> {
  const rows = await manager.query<DeskRow[]>(
    `select ${ROW}, c.component ${FROM} where l.id = any($1) order by l.created_at desc, l.id desc`,
    [ids],
  );
  return rows.map(toDeskLot);
}

/** How many lots a prediction can be made with. */
export async function countUsable(manager: EntityManager): Promise<number> {
  const [row] = await manager.query<{ n: number }[]>(
    'select count(*)::int as n from lot_cards where component is not null',
  );
  return row?.n ?? 0;
}

/** Most lots of a material that are compared on a card. */
const MOST_KIN = 60;

/** Other lots of a lot's material, the newest of them. */
export async function siblingsOf(manager: EntityManager, lotId: string): Promise<readonly string[]> {
  const rows = await manager.query<{ id: string }[]>(
    `select l.id from lots l where l.material_id = (select material_id from lots where id = $1) and l.id <> $1
     order by l.created_at desc, l.id desc limit ${String(MOST_KIN)}`,
    [lotId],
  );
  return rows.map(({ id }) => id);
}

/** Measured figures of the lots of a material, the newest of them, in the order in which they came. */
export async function kinOf(manager: EntityManager, materialId: string): Promise<readonly LotAmongOthers[]> {
  const rows = await manager.query<(CountedFigure & { readonly id: string; readonly code: string })[]>(
    `select l.id, l.code, f.property, f.method, f.method_key as "methodKey", f.origin, f.mean, f.counted
     from (select * from lots where material_id = $1 order by created_at desc, id desc limit ${String(MOST_KIN)}) l
     join lot_figures f on f.lot_id = l.id
     order by l.created_at, l.id, f.place`,
    [materialId],
  );
  const lots = new Map<string, { readonly id: string; readonly code: string; readonly figures: CountedFigure[] }>();
  for (const { id, code, ...figure } of rows) {
    const lot = lots.get(id) ?? { id, code, figures: [] };
    lot.figures.push(figure);
    lots.set(id, lot);
  }
  return [...lots.values()];
}
