import type { Page, SupplierRow, SuppliersAsked } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import { optional } from '../database/optional';
import { Conditions, readPage } from '../database/paging';
import { DeliveryEntity, SupplierEntity } from './entities';

/** Loads that are shown of a supplier: the newest. */
const MOST_DELIVERIES = 200;

const COUNTS = `
  (select count(*)::int from deliveries d where d.supplier_id = s.id and d.lot_id is not null) as came,
  (select count(*)::int from deliveries d where d.supplier_id = s.id and d.decision = 'sort') as sorted,
  (select count(*)::int from deliveries d where d.supplier_id = s.id and d.decision = 'sendBack') as "sentBack",
  (select count(*)::int from deliveries d where d.supplier_id = s.id and d.out_of_stock is not null) as "outOfStock",
  (select max(came_on)::text from deliveries d where d.supplier_id = s.id) as "lastOn"`;

const ROW = `s.id, s.name, s.kind, s.permission, s.permission_until::text as "permissionUntil", s.note, ${COUNTS}`;

type Row = Omit<SupplierRow, 'permission' | 'permissionUntil' | 'note' | 'lastOn'> & {
  readonly permission: string | null;
  readonly permissionUntil: string | null;
  readonly note: string | null;
  readonly lastOn: string | null;
};

const toRow = ({
  id,
  name,
  kind,
  permission,
  permissionUntil,
  note,
  came,
  sorted,
  sentBack,
  outOfStock,
  lastOn,
}: Row): SupplierRow => ({
  id,
  name,
  kind,
  came,
  sorted,
  sentBack,
  outOfStock,
  ...optional('permission', permission),
  ...optional('permissionUntil', permissionUntil),
  ...optional('note', note),
  ...optional('lastOn', lastOn),
});

/** One page of the suppliers, by name. */
export async function pageOfSuppliers(
  manager: EntityManager,
  asked: SuppliersAsked,
  zone: string,
): Promise<Page<SupplierRow>> {
  const conditions = new Conditions();
  conditions.find(asked.find, `concat_ws(' ', s.name, s.note)`);
  if (asked.kind !== undefined) conditions.and(`s.kind = ${conditions.value(asked.kind)}`);
  conditions.days('s.kept_at', asked, zone);
  const page = await readPage<Row>(manager, {
    select: ROW,
    from: 'from suppliers s',
    id: 's.id',
    conditions,
    sort: { sql: 'lower(s.name)', type: 'text', usual: 'up' },
    asked,
  });
  return { ...page, rows: page.rows.map(toRow) };
}

export async function supplierRow(manager: EntityManager, id: string): Promise<SupplierRow | undefined> {
  const [row] = await manager.query<Row[]>(`select ${ROW} from suppliers s where s.id = $1`, [id]);
  return row === undefined ? undefined : toRow(row);
}

export const supplierCalled = (manager: EntityManager, name: string): Promise<SupplierEntity | null> =>
  manager.createQueryBuilder(SupplierEntity, 's').where('lower(s.name) = lower(:name)', { name }).getOne();

export async function keepSupplier(manager: EntityManager, supplier: SupplierEntity): Promise<void> {
  await manager.upsert(SupplierEntity, supplier, ['id']);
}

export async function insertDelivery(manager: EntityManager, delivery: DeliveryEntity): Promise<void> {
  await manager.insert(DeliveryEntity, delivery);
}

/** What came from a supplier, the newest first. */
export const deliveriesOf = (manager: EntityManager, supplierId: string): Promise<DeliveryEntity[]> =>
  manager.find(DeliveryEntity, {
    where: { supplierId },
    order: { on: 'DESC', keptAt: 'DESC' },
    take: MOST_DELIVERIES,
  });
