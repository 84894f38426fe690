import type { ClaimsAsked, Page } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import { Conditions, readPage } from '../database/paging';
import { ClaimsSheetEntity, type SheetBody } from './entities';

/** Every version of a lot's sheet, newest first. */
export const sheetsOf = (manager: EntityManager, lotId: string): Promise<ClaimsSheetEntity[]> =>
  manager.find(ClaimsSheetEntity, { where: { lotId }, order: { version: 'DESC' } });

export async function insertSheet(manager: EntityManager, sheet: ClaimsSheetEntity): Promise<void> {
  await manager.insert(ClaimsSheetEntity, sheet);
}

/** The newest sheets of some lots, by lot. */
export async function newestSheets(
  manager: EntityManager,
  lotIds: readonly string[],
): Promise<ReadonlyMap<string, SheetBody>> {
  const rows = await manager.query<{ readonly lotId: string; readonly body: SheetBody }[]>(
    `select distinct on (lot_id) lot_id as "lotId", body from claims_sheets
     where lot_id = any($1::uuid[]) order by lot_id, version desc`,
    [[...lotIds]],
  );
  return new Map(rows.map(({ lotId, body }) => [lotId, body]));
}

/** The newest sheet of another lot of the same product. */
export async function sheetOfSibling(
  manager: EntityManager,
  lotId: string,
): Promise<{ readonly lotId: string; readonly code: string; readonly text: string } | undefined> {
  const [row] = await manager.query<{ readonly lotId: string; readonly code: string; readonly text: string }[]>(
    `select o.id as "lotId", o.code, s.body ->> 'text' as text from lots l
     join lots o on o.material_id = l.material_id and o.id <> l.id join claims_sheets s on s.lot_id = o.id
     where l.id = $1 order by o.created_at desc, s.version desc limit 1`,
    [lotId],
  );
  return row;
}

/** A product as its row in the list of sheets. */
export interface ProductRow {
  readonly lotId: string;
  readonly name: string;
  readonly code: string;
  readonly version: number | null;
  readonly body: SheetBody | null;
}

/** One page of the products with their newest sheet, by name. */
export async function pageOfProducts(
  manager: EntityManager,
  asked: ClaimsAsked,
  zone: string,
): Promise<Page<ProductRow>> {
  const conditions = new Conditions();
  conditions.and(`m.kind = 'product'`);
  conditions.find(asked.find, `concat_ws(' ', m.name, l.code)`);
  if (asked.state !== undefined) conditions.and(`s.body is ${asked.state === 'kept' ? 'not ' : ''}null`);
  conditions.days('l.created_at', asked, zone);
  return readPage<ProductRow>(manager, {
    select: 'l.id as "lotId", m.name, l.code, s.version, s.body',
    from: `
      from lots l join materials m on m.id = l.material_id
      left join lateral (select version, body from claims_sheets c where c.lot_id = l.id
        order by version desc limit 1) s on true`,
    id: 'l.id',
    conditions,
    sort: { sql: `lower(m.name || ', ' || l.code)`, type: 'text', usual: 'up' },
    asked,
  });
}
