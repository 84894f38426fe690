import type {
  DeskLots,
  EditLot,
  EditMaterial,
  LotCardPage,
  LotRow,
  LotsAsked,
  NewLot,
  NewMaterial,
  Page,
} from '@bent-pail/contract';
import { findMediaClass, materialSpread } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { requireLotsFree } from '../archive/service';
import type { Context } from '../context';
import { LotEntity, MaterialEntity } from './entities';
import { keepOnce } from '../database/keepOnce';
import { conflict, notFound, refused } from '../http/problems';
import { notebookRow } from '../notebook/repository';
import { requireFreeCode } from '../stock/rules';
import { changeAtVersion, lotIdsOf, insertLot, insertMaterial, lotOf, materialOf } from './lotRepository';
import {
  countUsable,
  deskLotsNamed,
  kinOf,
  lotsAtHand,
  lotsNamed,
  lotsWithCards,
  pageOfLots,
  siblingsOf,
} from './repository';

export function requireKnownClass(classId: string | null | undefined): void {
  if (classId !== undefined && classId !== null && findMediaClass(classId) === undefined) {
    throw refused('classId', `There is no class "${classId}".`);
  }
}

export async function listLots({ db }: Context, asked: LotsAsked): Promise<Page<LotRow>> {
  return pageOfLots(db.manager, asked);
}

/** A lot as lists show it, after something was done to it. */
export async function requireLot(manager: EntityManager, id: string): Promise<LotRow> {
  const [row] = await lotsNamed(manager, [id]);
  if (row === undefined) throw notFound('lot');
  return row;
}

/** Lots as predictions take them: those that are named, or what is at hand. */
export async function deskLots({ db, cards }: Context, ids: readonly string[]): Promise<DeskLots> {
  if (ids.length === 0) return { lots: await lotsAtHand(db.manager), total: await countUsable(db.manager) };
  await cards.follow(ids);
  return { lots: await deskLotsNamed(db.manager, ids), total: ids.length };
}

export async function lotPage({ db, cards }: Context, id: string): Promise<LotCardPage> {
  await cards.follow([id, ...(await siblingsOf(db.manager, id))]);
  const [lot] = await lotsWithCards(db.manager, [id]);
  if (lot === undefined) throw notFound('lot');
  const { currency } = await notebookRow(db.manager);
  const kin = materialSpread(await kinOf(db.manager, lot.row.materialId));
  return { lot: lot.row, card: lot.card, kin, currency };
}

export async function addMaterial({ db }: Context, body: NewMaterial): Promise<{ id: string }> {
  requireKnownClass(body.classId);
  await db.transaction((manager) =>
    keepOnce(manager, { id: body.id, what: 'material', said: body }, async () => {
      const { id, name, kind, classId, aliases } = body;
      await insertMaterial(manager, { id, name, kind, classId: classId ?? null, aliases: aliases ?? [] });
    }),
  );
  return { id: body.id };
}

/** The cards of its lots follow: there may be many. */
export async function editMaterial({ db, clock }: Context, id: string, body: EditMaterial): Promise<void> {
  requireKnownClass(body.classId);
  const { version, archived, ...patch } = body;
  await db.transaction(async (manager) => {
    if (archived === true) await requireLotsFree(manager, await lotIdsOf(manager, id));
    await saveVersioned(manager, MaterialEntity, id, version, { ...patch, ...putAway(archived, clock) }, 'material');
  });
}

/** Refuses what was just written where the card that it makes cannot be shown; the transaction then takes it back. */
async function requireShown({ cards }: Context, manager: EntityManager, lotId: string): Promise<void> {
  const trouble = await cards.makeWithin(manager, lotId);
  if (trouble !== undefined) throw refused('lot', `With this its card could not be worked out: ${trouble}`);
}

/** A class that is said of the lot is its own; said to be unknown, it has none, whatever its material is. */
const ownClass = (classId: string | null | undefined): { ownClass?: true; classId?: string | null } =>
  classId === undefined ? {} : { ownClass: true, classId };

export async function addLot(context: Context, body: NewLot): Promise<LotRow> {
  requireKnownClass(body.classId);
  const { db, clock } = context;
  return db.transaction(async (manager) => {
    await keepOnce(manager, { id: body.id, what: 'lot', said: body }, async () => {
      if ((await materialOf(manager, body.materialId)) === null)
        throw refused('materialId', 'There is no such material.');
      await requireFreeCode(manager, body.materialId, body.code);
      await insertLot(manager, {
        id: body.id,
        materialId: body.materialId,
        code: body.code,
        source: body.source ?? null,
        grade: body.grade ?? null,
        boughtOn: body.boughtOn ?? null,
        price: body.price ?? null,
        packVolume_L: body.packVolume_L ?? null,
        packWeight_kg: body.packWeight_kg ?? null,
        opensTo: body.opensTo ?? null,
        opensToBy: body.opensToBy ?? null,
        state: body.state ?? null,
        labelIngredients: body.labelIngredients ?? null,
        labelAnalysis: body.labelAnalysis ?? null,
        ...ownClass(body.classId),
        createdAt: new Date(clock.now()),
      });
      await requireShown(context, manager, body.id);
    });
    return requireLot(manager, body.id);
  });
}

/** Put away now, or back again. */
const putAway = (archived: boolean | undefined, clock: Context['clock']): { archivedAt?: Date | null } =>
  archived === undefined ? {} : { archivedAt: archived ? new Date(clock.now()) : null };

/** A lot whose card fails already may be changed all the same, or it could never be mended. */
export async function editLot(context: Context, id: string, body: EditLot): Promise<LotRow> {
  requireKnownClass(body.classId);
  const { version, classId, archived, ...fields } = body;
  const patch = { ...fields, ...ownClass(classId), ...putAway(archived, context.clock) };
  return context.db.transaction(async (manager) => {
    const { trouble, materialId, code } = await requireLot(manager, id);
    if (archived === true) await requireLotsFree(manager, [id]);
    if (body.code !== undefined && body.code !== code) await requireFreeCode(manager, materialId, body.code);
    await saveVersioned(manager, LotEntity, id, version, patch, 'lot');
    if (trouble === undefined) await requireShown(context, manager, id);
    else await context.cards.makeWithin(manager, id);
    return requireLot(manager, id);
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
  if (await changeAtVersion(manager, entity, { id, version }, fields)) return;
  const current = await (entity === LotEntity ? lotOf(manager, id) : materialOf(manager, id));
  if (current === null) throw notFound(what);
  throw conflict(`Somebody changed this ${what} in the meantime; look at both.`, current);
}
