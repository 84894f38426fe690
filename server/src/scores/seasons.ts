import type { RankedProduct, SeasonLot } from '@bent-pail/contract';
import { score, type Rubric } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { optional } from '../database/optional';
import { lotsNamed, siblingsOf } from '../shelf/repository';

/** Lots of one product in a line, the oldest first: a changed mix or a shrunk bag is seen. */
export async function seasonsOf(
  manager: EntityManager,
  lotId: string,
  rubric: Rubric,
  judged: readonly RankedProduct[],
): Promise<SeasonLot[]> {
  const siblings = await siblingsOf(manager, lotId);
  if (siblings.length === 0) return [];
  const lots = await lotsNamed(manager, [lotId, ...siblings]);
  const inOrder = [...lots].sort((a, b) => (a.boughtOn ?? '').localeCompare(b.boughtOn ?? ''));
  return inOrder.map((lot): SeasonLot => {
    const product = judged.find((one) => one.lotId === lot.id);
    return {
      lotId: lot.id,
      code: lot.code,
      ...optional('boughtOn', lot.boughtOn),
      ...optional('pack_L', lot.packVolume_L),
      ...optional('pricePerL', lot.pricePerL),
      ...(lot.pail?.kind === 'measured' ? { air: lot.pail.air, water: lot.pail.water } : {}),
      ...(lot.pH?.measured === true ? { pH: lot.pH.value } : {}),
      ...optional('cardId', product?.cardId),
      ...optional('overall', product === undefined ? undefined : overallOf(product, rubric)),
    };
  });
}

/** A product's overall by a rubric; undefined where nothing of it is known. */
function overallOf({ criteria }: RankedProduct, rubric: Rubric): number | undefined {
  const found = new Map(criteria.map((one) => [one.name, one]));
  return score({
    criteria: rubric.criteria.map(({ name, weight, kind, function: fn }) => ({
      ...found.get(name),
      name,
      weight,
      kind,
      function: fn,
    })),
    aggregate: rubric.aggregate,
    caps: rubric.caps,
    draws: 1,
  }).overall;
}
