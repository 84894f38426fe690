import type { LearningPage } from '@bent-pail/contract';
import { measuredOf, type BlendInput, type LotCard, type MeasuredBlend } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';

export type MeasuredBatch = LearningPage['batches'][number];

interface Row {
  readonly lotId: string;
  readonly lotCode: string;
  readonly blendId: string;
  readonly blendName: string;
  readonly n: number;
  readonly input: BlendInput;
  readonly pail: NonNullable<LotCard['pail']> | null;
  readonly card: Pick<LotCard, 'figures' | 'curve'> | null;
}

/** Batches whose capacity and air were measured, each with the prediction's own inputs in the vessel it was measured in. */
export async function measuredBatches(
  manager: EntityManager,
): Promise<readonly { readonly batch: MeasuredBatch; readonly measured: MeasuredBlend }[]> {
  const rows = await manager.query<Row[]>(
    `select l.id as "lotId", l.code as "lotCode", b.id as "blendId", b.name as "blendName", v.n, v.input, c.pail, c.card
     from lots l
     join blend_versions v on v.id = l.blend_version_id
     join blends b on b.id = v.blend_id
     join lot_cards c on c.lot_id = l.id
     where exists (select 1 from lot_figures f where f.lot_id = l.id and f.property = 'containerCapacity')
     order by l.created_at, l.id`,
  );
  return rows.flatMap(({ lotId, lotCode, blendId, blendName, n, input, pail, card }) => {
    if (card === null || pail === null) return [];
    const measured = measuredOf(`${blendName}, ${lotCode}`, input, { ...card, pail, missing: [] });
    return measured === undefined ? [] : [{ batch: { lotId, lotCode, blendId, blendName, n }, measured }];
  });
}
