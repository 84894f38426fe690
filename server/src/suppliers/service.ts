import type {
  DeliveryLine,
  LotRow,
  Me,
  NewDelivery,
  NewSupplier,
  Page,
  SupplierPage,
  SupplierRow,
  SuppliersAsked,
} from '@bent-pail/contract';
import { materialSpread } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { namesOf } from '../accounts/repository';
import type { Context } from '../context';
import { keepOnce } from '../database/keepOnce';
import { optional } from '../database/optional';
import { notFound, refused } from '../http/problems';
import { notebookRow } from '../notebook/repository';
import { lotOf } from '../shelf/lotRepository';
import { kinOf, lotsNamed } from '../shelf/repository';
import { deliveriesOf, insertDelivery, keepSupplier, pageOfSuppliers, supplierCalled, supplierRow } from './repository';

export async function listSuppliers({ db }: Context, asked: SuppliersAsked): Promise<Page<SupplierRow>> {
  const { zone } = await notebookRow(db.manager);
  return pageOfSuppliers(db.manager, asked, zone);
}

/** Keeps a supplier, a new one or what is said of one that is there; two of one name are one. */
export async function putSupplier(context: Context, body: NewSupplier): Promise<SupplierPage> {
  await context.db.transaction(async (manager) => {
    const namesake = await supplierCalled(manager, body.name);
    if (namesake !== null && namesake.id !== body.id)
      throw refused('name', `${namesake.name} is in the notebook already.`);
    if (body.kind === 'free' && body.permission === undefined)
      throw refused('permission', 'Say who allows it to be taken, and how.');
    const { id, name, kind, permission = null, permissionUntil = null, note = null } = body;
    await keepSupplier(manager, {
      id,
      name,
      kind,
      permission,
      permissionUntil,
      note,
      keptAt: new Date(context.clock.now()),
    });
  });
  return supplierPage(context, body.id);
}

/** Notes what came or what was out of stock, with what was seen at the gate. */
export async function addDelivery(
  context: Context,
  me: Me,
  supplierId: string,
  body: NewDelivery,
): Promise<SupplierPage> {
  await context.db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'delivery', said: { supplierId, ...body } }, async () => {
      if ((await supplierRow(manager, supplierId)) === undefined) throw notFound('supplier');
      const { id, on, lotId = null, outOfStock = null, gate = null, decision = null, words = null } = body;
      if ((lotId === null) === (outOfStock === null))
        throw refused('lotId', 'Say which lot came, or what was out of stock.');
      if (lotId !== null && (await lotOf(manager, lotId)) === null) throw refused('lotId', 'There is no such lot.');
      const keptAt = new Date(context.clock.now());
      await insertDelivery(manager, {
        id,
        supplierId,
        on,
        lotId,
        outOfStock,
        gate,
        decision,
        words,
        byUser: me.id,
        keptAt,
      });
    }),
  );
  return supplierPage(context, supplierId);
}

/** How even the loads of each product are that came more than once. */
async function evenness(manager: EntityManager, lots: readonly LotRow[]): Promise<SupplierPage['even']> {
  const materials = [...new Map(lots.map(({ materialId, name }) => [materialId, name]))];
  const all = await Promise.all(
    materials.map(async ([materialId, name]) => {
      const kin = await kinOf(manager, materialId);
      const came = kin.filter(({ id }) => lots.some((lot) => lot.id === id));
      return { name, spreads: materialSpread(came) };
    }),
  );
  return all.filter(({ spreads }) => spreads.length > 0);
}

export async function supplierPage({ db }: Context, id: string): Promise<SupplierPage> {
  const { manager } = db;
  const row = await supplierRow(manager, id);
  if (row === undefined) throw notFound('supplier');
  const deliveries = await deliveriesOf(manager, id);
  const lots = await lotsNamed(
    manager,
    deliveries.flatMap(({ lotId }) => lotId ?? []),
  );
  const names = await namesOf(
    manager,
    deliveries.map(({ byUser }) => byUser),
  );
  const { currency } = await notebookRow(manager);
  return {
    ...row,
    currency,
    even: await evenness(manager, lots),
    deliveries: deliveries.map((one): DeliveryLine => {
      const lot = lots.find((candidate) => candidate.id === one.lotId);
      return {
        id: one.id,
        on: one.on,
        by: names.get(one.byUser) ?? '',
        ...(lot === undefined
          ? {}
          : { lot: { id: lot.id, name: lot.name, code: lot.code, ...optional('pricePerL', lot.pricePerL) } }),
        ...optional('outOfStock', one.outOfStock),
        ...optional('gate', one.gate),
        ...optional('decision', one.decision),
        ...optional('words', one.words),
      };
    }),
  };
}
