import type { FilledPotRow, FilledPotsAsked, Page } from '@bent-pail/contract';
import type { Feeder } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { optional } from '../database/optional';
import { Conditions, readPage, type GroupBy, type SortBy } from '../database/paging';
import { FilledPotEntity, PotEntryEntity } from './entities';

/** Lines of a diary that are shown: the newest. */
const MOST_ENTRIES = 1000;

const FROM = `from filled_pots p join pots_now h on h.id = p.id
  left join pot_watches w on w.pot_id = p.id left join places pl on pl.id = p.place_id`;

const ROW = `p.id, p.name, p.count, case when h.lot_id is null then 'blend' else 'lot' end as "mediumKind",
  coalesce(h.blend_id, h.lot_id) as "mediumId", h.blend_n as "mediumN", h.medium, h.shape, p.plant, p.filled_on::text as "filledOn", p.fill_cm, p.stand, coalesce(p.place, pl.name) as place, p.place_id as "placeId", p.feeder,
  (select count(*)::int from pot_entries e where e.pot_id = p.id) as entries,
  (select max(e.at) from pot_entries e where e.pot_id = p.id) as "lastAt",
  (select max(e.at) from pot_entries e where e.pot_id = p.id and e.kind = 'emptied') as "emptiedAt",
  p.archived_at is not null as archived, w.next_at as "nextAt", w.next_from as "nextFrom", w.next_to as "nextTo"`;

type Row = Omit<
  FilledPotRow,
  'mediumN' | 'plant' | 'fill_cm' | 'place' | 'placeId' | 'feeder' | 'lastAt' | 'emptiedAt' | 'archived' | 'next'
> & {
  readonly mediumN: number | null;
  readonly plant: string | null;
  readonly fill_cm: number | null;
  readonly place: string | null;
  readonly placeId: string | null;
  readonly feeder: Feeder | null;
  readonly lastAt: Date | null;
  readonly emptiedAt: Date | null;
  readonly archived: boolean;
  readonly nextAt: Date | null;
  readonly nextFrom: Date | null;
  readonly nextTo: Date | null;
};

const toRow = ({
  mediumN,
  plant,
  fill_cm,
  place,
  placeId,
  feeder,
  lastAt,
  emptiedAt,
  archived,
  nextAt,
  nextFrom,
  nextTo,
  ...row
}: Row): FilledPotRow => ({
  id: row.id,
  name: row.name,
  count: row.count,
  mediumKind: row.mediumKind,
  mediumId: row.mediumId,
  medium: row.medium,
  shape: row.shape,
  filledOn: row.filledOn,
  stand: row.stand,
  entries: row.entries,
  ...optional('mediumN', mediumN),
  ...optional('plant', plant),
  ...optional('fill_cm', fill_cm),
  ...optional('place', place),
  ...optional('placeId', placeId),
  ...optional('feeder', feeder),
  ...optional('lastAt', lastAt?.toISOString() ?? null),
  ...optional('emptiedAt', emptiedAt?.toISOString() ?? null),
  ...(archived ? { archived } : {}),
  ...(emptiedAt !== null || nextAt === null || nextFrom === null || nextTo === null
    ? {}
    : { next: { at: nextAt.toISOString(), from: nextFrom.toISOString(), to: nextTo.toISOString() } }),
});

const SORTS: Readonly<Record<NonNullable<FilledPotsAsked['sort']>, SortBy>> = {
  name: { sql: 'lower(p.name)', type: 'text', usual: 'up' },
  medium: { sql: 'lower(h.medium)', type: 'text', usual: 'up' },
  filledOn: { sql: 'p.filled_on::timestamptz', type: 'timestamptz', usual: 'down' },
  next: { sql: 'w.next_at', type: 'timestamptz', usual: 'up', mayLack: true },
  entries: {
    sql: '(select count(*)::int from pot_entries e where e.pot_id = p.id)',
    type: 'integer',
    usual: 'down',
  },
  lastAt: {
    sql: '(select max(e.at) from pot_entries e where e.pot_id = p.id)',
    type: 'timestamptz',
    usual: 'down',
    mayLack: true,
  },
};

const GROUPS: Readonly<Record<NonNullable<FilledPotsAsked['group']>, GroupBy>> = {
  place: { sql: `coalesce(p.place, pl.name, '')`, order: 'up' },
  medium: { sql: 'h.medium', order: 'up' },
};

/** One page of the filled pots. */
export async function pageOfFilledPots(
  manager: EntityManager,
  asked: FilledPotsAsked,
  zone: string,
): Promise<Page<FilledPotRow>> {
  const conditions = new Conditions();
  conditions.find(asked.find, `concat_ws(' ', p.name, p.plant, p.place, pl.name, h.medium)`);
  conditions.away(asked, 'p.archived_at');
  conditions.days('p.kept_at', asked, zone);
  const page = await readPage<Row>(manager, {
    select: ROW,
    from: FROM,
    id: 'p.id',
    conditions,
    sort: SORTS[asked.sort ?? 'name'],
    ...(asked.group === undefined ? {} : { group: GROUPS[asked.group] }),
    asked,
  });
  return { ...page, rows: page.rows.map(toRow) };
}

export async function filledPotRow(manager: EntityManager, id: string): Promise<FilledPotRow | undefined> {
  const [row] = await manager.query<Row[]>(`select ${ROW} ${FROM} where p.id = $1`, [id]);
  return row === undefined ? undefined : toRow(row);
}

export async function insertFilledPot(manager: EntityManager, pot: FilledPotEntity): Promise<void> {
  await manager.insert(FilledPotEntity, pot);
}

export async function insertPotEntry(manager: EntityManager, entry: PotEntryEntity): Promise<void> {
  await manager.insert(PotEntryEntity, entry);
}

/** The diary of a pot, oldest first; of a long one the newest lines. */
export async function diaryOf(manager: EntityManager, potId: string): Promise<PotEntryEntity[]> {
  const newest = await manager.find(PotEntryEntity, {
    where: { potId },
    order: { at: 'DESC', keptAt: 'DESC', id: 'DESC' },
    take: MOST_ENTRIES,
  });
  return newest.reverse();
}

/** What the repots of a pot put it into, by the id of their line. */
export async function repotsOf(manager: EntityManager, potId: string): Promise<ReadonlyMap<string, string>> {
  const rows = await manager.query<{ id: string; medium: string }[]>(
    `select e.id, coalesce(b.name, concat_ws(', ', m.name, l.code)) as medium
     from pot_entries e left join blends b on b.id = e.blend_id
       left join lots l on l.id = e.lot_id left join materials m on m.id = l.material_id
     where e.pot_id = $1 and e.kind = 'repotted' and num_nonnulls(e.blend_id, e.lot_id) = 1`,
    [potId],
  );
  return new Map(rows.map(({ id, medium }) => [id, medium]));
}
