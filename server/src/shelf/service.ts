import type { EditLot, EditMaterial, LotCardPage, LotRow, NewLot, NewMaterial } from '@bent-pail/contract';
import { findMediaClass, materialSpread } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import type { Context } from '../context';
import { BOUGHT, LotEntity, MaterialEntity } from '../database/entities';
import { keepOnce } from '../database/keepOnce';
import { conflict, notFound, refused } from '../http/problems';
import { notebookRow } from '../notebook/service';
import { requireFreeCode } from '../stock/rules';
import { loadLots, type LoadedLot } from './lotCards';

function requireKnownClass(classId: string | null | undefined): void {
  if (classId !== undefined && classId !== null && findMediaClass(classId) === undefined) {
    throw refused('classId', `There is no class "${classId}".`);
  }
}

export async function listLots({ db }: Context): Promise<LotRow[]> {
  return (await loadLots(db.manager)).map(({ row }) => row);
}

export async function lotPage({ db }: Context, id: string): Promise<LotCardPage> {
  const [loaded] = await loadLots(db.manager, [id]);
  if (loaded === undefined) throw notFound('lot');
  const { currency } = await notebookRow(db);
  const siblings = await db.manager.find(LotEntity, {
    where: { materialId: loaded.row.materialId },
    order: { createdAt: 'asc' },
  });
  const alike = await loadLots(
    db.manager,
    siblings.map((sibling) => sibling.id),
  );
  const kin = materialSpread(alike.map(({ row, card }) => ({ id: row.id, code: row.code, figures: card.figures })));
  return { lot: loaded.row, card: loaded.card, kin, currency };
}

export async function addMaterial({ db }: Context, body: NewMaterial): Promise<{ id: string }> {
  requireKnownClass(body.classId);
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'material', said: body }, async () => {
      const { id, name, kind, classId, aliases } = body;
      await manager.insert(MaterialEntity, {
        id,
        name,
        kind,
        classId: classId ?? null,
        aliases: aliases ?? [],
        version: 1,
      });
    }),
  );
  return { id: body.id };
}

export async function editMaterial({ db }: Context, id: string, body: EditMaterial): Promise<void> {
  requireKnownClass(body.classId);
  const { version, ...patch } = body;
  await db.transaction(async (manager) => {
    await saveVersioned(manager, MaterialEntity, id, version, patch, 'material');
    const lots = await manager.find(LotEntity, { where: { materialId: id }, select: { id: true } });
    for (const lot of lots) await requireShown(manager, lot.id);
  });
}

/** Refuses what was just written where the card that it makes cannot be shown; the transaction then takes it back. */
async function requireShown(manager: EntityManager, lotId: string): Promise<LotRow> {
  const { row } = (await loadLots(manager, [lotId]))[0] as LoadedLot;
  if (row.trouble !== undefined) throw refused('lot', `With this its card could not be worked out: ${row.trouble}`);
  return row;
}

export async function addLot({ db, clock }: Context, body: NewLot): Promise<LotRow> {
  return db.transaction(async (manager) => {
    await keepOnce(manager, { id: body.id, what: 'lot', said: body }, async () => {
      if ((await manager.findOneBy(MaterialEntity, { id: body.materialId })) === null)
        throw refused('materialId', 'There is no such material.');
      await requireFreeCode(manager, body.materialId, body.code);
      await manager.insert(LotEntity, {
        id: body.id,
        materialId: body.materialId,
        code: body.code,
        source: body.source ?? null,
        grade: body.grade ?? null,
        boughtOn: body.boughtOn ?? null,
        price: body.price ?? null,
        packVolume_L: body.packVolume_L ?? null,
        state: body.state ?? null,
        createdAt: new Date(clock.now()),
        version: 1,
        ...BOUGHT,
      });
    });
    return requireShown(manager, body.id);
  });
}

/** A lot whose card fails already may be changed all the same, or it could never be mended. */
export async function editLot({ db }: Context, id: string, body: EditLot): Promise<LotRow> {
  const { version, ...patch } = body;
  return db.transaction(async (manager) => {
    const failedBefore = (await loadLots(manager, [id]))[0]?.row.trouble !== undefined;
    await saveVersioned(manager, LotEntity, id, version, patch, 'lot');
    return failedBefore ? ((await loadLots(manager, [id]))[0] as LoadedLot).row : requireShown(manager, id);
  });
}

/** Saves a change only on the version that it was made from; otherwise both versions go back to the page. */
async function saveVersioned(
  manager: EntityManager,
  entity: typeof MaterialEntity | typeof LotEntity,
  id: string,
  version: number,
  patch: object,
  what: string,
): Promise<void> {
  const fields = Object.fromEntries(Object.entries(patch).filter(([, value]) => value !== undefined));
  const saved = await manager
    .createQueryBuilder()
    .update(entity)
    .set({ ...fields, version: () => 'version + 1' })
    .where('id = :id and version = :version', { id, version })
    .execute();
  if (saved.affected === 1) return;
  const current = await manager.findOneBy<MaterialEntity | LotEntity>(entity, { id });
  if (current === null) throw notFound(what);
  throw conflict(`Somebody changed this ${what} in the meantime; look at both.`, current);
}
