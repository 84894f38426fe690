import type { LearningPage } from '@bent-pail/contract';
import { learn, measuredOf, type Learning, type LearningUse, type MeasuredBlend } from '@bent-pail/core';
import { In, IsNull, Not, type EntityManager } from 'typeorm';
import { BlendVersionEntity, LotEntity } from '../database/entities';
import { loadLots } from '../shelf/lotCards';

type Batch = LearningPage['batches'][number];

/** Batches whose capacity and air were measured, each with the prediction's own inputs in the vessel it was measured in. */
async function measuredBatches(
  manager: EntityManager,
): Promise<readonly { readonly batch: Batch; readonly measured: MeasuredBlend }[]> {
  const lots = await manager.find(LotEntity, { where: { blendVersionId: Not(IsNull()) }, order: { createdAt: 'asc' } });
  if (lots.length === 0) return [];
  const versions = await manager.findBy(BlendVersionEntity, { id: In(lots.map((lot) => lot.blendVersionId)) });
  const loaded = await loadLots(
    manager,
    lots.map((lot) => lot.id),
  );
  return lots.flatMap((lot) => {
    const one = loaded.find(({ row }) => row.id === lot.id);
    const version = versions.find(({ id }) => id === lot.blendVersionId);
    if (one?.row.origin.kind !== 'batch' || version === undefined) return [];
    const { blendId, blendName, n } = one.row.origin;
    const measured = measuredOf(`${blendName}, ${lot.code}`, version.input, one.card);
    if (measured === undefined) return [];
    return [{ batch: { lotId: lot.id, lotCode: lot.code, blendId, blendName, n }, measured }];
  });
}

/** What was learnt last, and from what: a cache that can be dropped at any time. */
let known: { readonly key: string; readonly learning: Learning } | undefined;

export async function learningPage(manager: EntityManager): Promise<LearningPage> {
  const found = await measuredBatches(manager);
  const measured = found.map((one) => one.measured);
  const key = JSON.stringify(measured);
  if (known?.key !== key) known = { key, learning: learn(measured) };
  return { learning: known.learning, batches: found.map((one) => one.batch) };
}

export async function learntUse(manager: EntityManager): Promise<LearningUse> {
  return (await learningPage(manager)).learning.use;
}
