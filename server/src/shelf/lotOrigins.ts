import type { LotOrigin } from '@bent-pail/contract';
import { In, type EntityManager } from 'typeorm';
import { BlendEntity, BlendVersionEntity, LotEntity } from '../database/entities';

/** Where lots come from, in words and addresses. */
export async function lotOrigins(
  manager: EntityManager,
  lots: readonly LotEntity[],
): Promise<(lot: LotEntity) => LotOrigin> {
  const sources = await manager.findBy(LotEntity, { id: In(lots.flatMap((lot) => lot.preparedFrom ?? [])) });
  const versions = await manager.find(BlendVersionEntity, {
    where: { id: In(lots.flatMap((lot) => lot.blendVersionId ?? [])) },
    select: { id: true, blendId: true, n: true },
  });
  const blends = await manager.findBy(BlendEntity, { id: In(versions.map((version) => version.blendId)) });
  return (lot) => {
    const source = sources.find((one) => one.id === lot.preparedFrom);
    if (source !== undefined && lot.preparedHow !== null)
      return {
        kind: 'prepared',
        fromId: source.id,
        fromCode: source.code,
        how: lot.preparedHow,
        record: lot.preparation ?? {},
      };
    const version = versions.find((one) => one.id === lot.blendVersionId);
    if (version === undefined) return { kind: 'bought' };
    const blendName = blends.find((one) => one.id === version.blendId)?.name ?? '';
    return { kind: 'batch', blendId: version.blendId, blendName, n: version.n };
  };
}
