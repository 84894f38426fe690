import type { LotRow, Me, NewBatch, StockCount } from '@bent-pail/contract';
import type { EntityManager } from 'typeorm';
import type { Context } from '../context';
import type { BlendEntity, BlendVersionEntity } from '../blends/entities';
import { heldBlend, versionOf } from '../blends/repository';
import { keepOnce } from '../database/keepOnce';
import { notFound, refused } from '../http/problems';
import { foreseenOf } from '../learning/repository';
import { holdLots, insertLot, insertMaterial, lotOf, lotRowsNamed, materialIdOfBlend } from '../shelf/lotRepository';
import { lotsWithCards } from '../shelf/repository';
import { requireLot } from '../shelf/service';
import { move, stockOf } from './repository';
import { requireFreeCode, said, SLACK_L } from './rules';

/** What is there of a lot as counted: the difference to what the movements say is one more movement. */
export async function countStock(context: Context, me: Me, lotId: string, body: StockCount): Promise<LotRow> {
  const { db, clock } = context;
  await db.transaction(async (manager) => {
    await keepOnce(manager, { id: body.id, what: 'count', said: { ...body, lotId } }, async () => {
      await holdLots(manager, [lotId]);
      if ((await lotOf(manager, lotId)) === null) throw notFound('lot');
      const left = (await stockOf(manager, [lotId])).get(lotId);
      const change_L = body.stock_L - (left ?? 0);
      await move(manager, me, clock.now(), {
        id: body.id,
        lotId,
        change_L,
        reason: left === undefined ? 'came' : 'counted',
      });
    });
  });
  await context.cards.follow([lotId]);
  return requireLot(db.manager, lotId);
}

/** The material that batches of a blend are lots of; made with the first batch. */
async function materialOfBlend(manager: EntityManager, blend: BlendEntity, materialId: string): Promise<string> {
  const known = await materialIdOfBlend(manager, blend.id);
  if (known !== undefined) return known;
  await insertMaterial(manager, { id: materialId, name: blend.name, kind: 'material', classId: null });
  return materialId;
}

interface Taken {
  readonly lotId: string;
  readonly loose_L: number;
}

/**
 * What a batch takes of each lot: a litre made is more than a litre loose, for the parts settle into each other, and a
 * lot that is sieved for it gives only a part of what is taken.
 */
async function takenBy(manager: EntityManager, version: BlendVersionEntity, made_L: number): Promise<Taken[]> {
  const lines = version.flat;
  const lots = await lotsWithCards(
    manager,
    lines.map(({ lotId }) => lotId),
  );
  return lines.map(({ lotId, parts }) => {
    const kept = lots.find(({ row }) => row.id === lotId)?.card.component?.facts.sieveYield ?? 1;
    return { lotId, loose_L: (made_L * parts) / version.result.volume / kept };
  });
}

async function requireStock(manager: EntityManager, taken: readonly Taken[]): Promise<ReadonlySet<string>> {
  const stock = await stockOf(
    manager,
    taken.map(({ lotId }) => lotId),
  );
  const lots = await lotRowsNamed(manager, [...stock.keys()]);
  for (const lotId of new Set(taken.map((one) => one.lotId))) {
    const left = stock.get(lotId);
    if (left === undefined) continue;
    const needed = taken.filter((one) => one.lotId === lotId).reduce((sum, one) => sum + one.loose_L, 0);
    if (needed > left + SLACK_L) {
      const code = lots.find((one) => one.id === lotId)?.code ?? '';
      throw refused('made_L', `Of ${code} there are ${said(left)}; this batch takes ${said(needed)}.`);
    }
  }
  return new Set(stock.keys());
}

/**
 * Mixes a kept version of a blend: the lots that were counted go down, the batch becomes a lot, all of it or nothing.
 * The lots are held meanwhile, so two batches at once cannot take the same litre.
 */
export async function makeBatch(context: Context, me: Me, blendId: string, n: number, body: NewBatch): Promise<LotRow> {
  const { db, clock, cards } = context;
  const version = await versionOf(db.manager, blendId, n);
  if (version === null) throw notFound('version of this blend');
  await cards.follow(version.flat.map(({ lotId }) => lotId));
  await db.transaction(async (manager) => {
    await keepOnce(manager, { id: body.id, what: 'batch', said: { ...body, blendId, n } }, async () => {
      const blend = await heldBlend(manager, blendId);
      if (blend === null) throw notFound('blend');
      const taken = await takenBy(manager, version, body.made_L);
      await holdLots(
        manager,
        taken.map(({ lotId }) => lotId),
      );
      const counted = await requireStock(manager, taken);
      const materialId = await materialOfBlend(manager, blend, body.materialId);
      await requireFreeCode(manager, materialId, body.code);
      const now = clock.now();
      await insertLot(manager, {
        id: body.id,
        materialId,
        code: body.code,
        createdAt: new Date(now),
        blendVersionId: version.id,
        foreseen: await foreseenOf(manager, version),
      });
      await move(manager, me, now, { lotId: body.id, change_L: body.made_L, reason: 'batch' });
      for (const { lotId, loose_L } of taken.filter((one) => counted.has(one.lotId)))
        await move(manager, me, now, { lotId, change_L: -loose_L, reason: 'batch', forLot: body.id });
    });
  });
  await context.cards.follow([body.id]);
  return requireLot(db.manager, body.id);
}
