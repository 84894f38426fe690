import { deskNutrientsInput, nutrients, predictDesk, type NutrientsInput, type TrialPlan } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { comparedOf } from '../../shared/larder/compared';
import { useLarder } from '../../shared/larder/useLarder';
import { potFor } from '../../shared/pot/pots';
import { useLastPot } from '../../shared/pot/usePot';
import { learningQuery } from '../../shared/resources/learning';

export interface NitrogenKnown {
  readonly available_mgL: number;
  /** Until it has run out; absent: a year or more. */
  readonly days?: number;
  readonly input: NutrientsInput;
}

/** What is known of the nitrogen of each medium of a trial: by its laboratory's report, and by the blend desk. */
export function useNitrogen({ arms }: TrialPlan): ReadonlyMap<string, NitrogenKnown> {
  const lotIds = useMemo(
    () => arms.flatMap(({ mediumKind, mediumId }) => (mediumKind === 'lot' ? (mediumId ?? []) : [])),
    [arms],
  );
  const blendIds = useMemo(
    () => arms.flatMap(({ mediumKind, mediumId }) => (mediumKind === 'blend' ? (mediumId ?? []) : [])),
    [arms],
  );
  const { larder } = useLarder({ lotIds, blendIds });
  const shape = useLastPot((state) => state.shape);
  const learnt = useQuery(learningQuery).data?.learning.use;
  return useMemo(() => {
    const known = new Map<string, NitrogenKnown>();
    if (larder === undefined) return known;
    for (const { key, mediumKind, mediumId = '' } of arms) {
      const compared = comparedOf(`${mediumKind}:${mediumId}`, larder.lots, larder.blends, potFor(shape), learnt);
      if (compared === undefined) continue;
      const input = deskNutrientsInput(compared.input, predictDesk(compared.input), { feeder: 'medium' });
      const { available_mgL, days } = nutrients(input);
      if (available_mgL !== undefined)
        known.set(key, { available_mgL, input, ...(days === undefined ? {} : { days }) });
    }
    return known;
  }, [arms, larder, shape, learnt]);
}
