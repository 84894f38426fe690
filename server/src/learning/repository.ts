import type { LearningPage } from '@bent-pail/contract';
import { measuredOf, type BlendInput, type LotCard, type MeasuredBlend } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';

/** What the batches taught when it was last worked out; undefined where it never was. */
export async function learntBody(manager: EntityManager): Promise<LearningPage | undefined> {
  const [row] = await manager.query<{ body: LearningPage | null }[]>('select body from learnt');
  return row?.body ?? undefined;
}

export type MeasuredBatch = LearningPage['batches'][number];

interface Row {
  readonly lotId: string;
  readonly lotCode: string;
  readonly blendId: string;
  readonly blendName: string;
  readonly n: number;
  readonly input: BlendInput;
  readonly materials: string[];
  readonly pail: NonNullable<LotCard['pail']> | null;
  readonly card: Pick<LotCard, 'figures' | 'curve'> | null;
}

/** Batches whose capacity and air were measured, each with the prediction's own inputs in the vessel it was measured in. */
export async function measuredBatches(
  manager: EntityManager,
): Promise<readonly { readonly batch: MeasuredBatch; readonly measured: MeasuredBlend }[]> {
  const rows = await manager.query<Row[]>(
    `select l.id as "lotId", l.code as "lotCode", b.id as "blendId", b.name as "blendName", v.n, v.input, c.pail, c.card,
       (select array_agg(p.material_id order by f.place) from jsonb_array_elements(v.flat) with ordinality f (line, place)
        join lots p on p.id = (f.line ->> 'lotId')::uuid) as materials
     from lots l
     join blend_versions v on v.id = l.blend_version_id
     join blends b on b.id = v.blend_id
     join lot_cards c on c.lot_id = l.id
     where exists (select 1 from lot_figures f where f.lot_id = l.id and f.property = 'containerCapacity')
     order by l.created_at, l.id`,
  );
  return rows.flatMap(({ lotId, lotCode, blendId, blendName, n, input, materials, pail, card }) => {
    if (card === null || pail === null) return [];
    const measured = measuredOf({ name: `${blendName}, ${lotCode}`, input, materials }, { ...card, pail, missing: [] });
    return measured === undefined ? [] : [{ batch: { lotId, lotCode, blendId, blendName, n }, measured }];
  });
}
