import type { FilledPotPage } from '@bent-pail/contract';
import {
  dryDownOf,
  filledMedium,
  monthOf,
  type AskedOfWeights,
  type DryDownResult,
  type FilledMedium,
  type RecipeSettings,
} from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { comparedOf } from '../../shared/larder/compared';
import { useLarder } from '../../shared/larder/useLarder';
import { potFor } from '../../shared/pot/pots';
import { learningQuery } from '../../shared/resources/learning';
import { placesQuery } from '../../shared/resources/places';
import { serverNow } from '../../shared/serverClock';
import { useThought, type Question, type Thought } from '../../shared/thinking/useThought';

/** What fills a pot, and what its weights teach. */
export interface Taught {
  /** Undefined while it is looked up, and where nothing is known of it. */
  readonly medium: FilledMedium | undefined;
  readonly recipe: Pick<RecipeSettings, 'additives'> | undefined;
  /** What its place asks for this month, where it is kept. */
  readonly there: { readonly place_mmPerD?: number };
  /** Undefined where nothing was weighed of late. */
  readonly asked: AskedOfWeights | undefined;
  readonly thought: Thought<DryDownResult>;
}

export function useTaught(page: FilledPotPage): Taught {
  const { mediumKind, mediumId, shape } = page;
  const { larder } = useLarder(mediumKind === 'blend' ? { blendIds: [mediumId] } : { lotIds: [mediumId] });
  const learnt = useQuery(learningQuery).data?.learning.use;
  const medium = useMemo(() => {
    if (larder === undefined) return undefined;
    const compared = comparedOf(`${mediumKind}:${mediumId}`, larder.lots, larder.blends, potFor(shape), learnt);
    return compared && filledMedium(compared.input);
  }, [larder, learnt, mediumKind, mediumId, shape]);
  const place = useQuery({ ...placesQuery, enabled: page.placeId !== undefined }).data?.find(
    ({ id }) => id === page.placeId,
  );
  const there = useMemo(
    () => (place === undefined ? {} : { place_mmPerD: monthOf(place, new Date(serverNow()).getUTCMonth()).mmPerD }),
    [place],
  );
  const asked = useMemo(
    () => (medium === undefined ? undefined : dryDownOf({ ...page, ...there, medium }, page.diary, serverNow())),
    [medium, page, there],
  );
  const ask = useMemo((): Question<DryDownResult> | undefined => {
    if (asked === undefined) return undefined;
    return (thinker) => thinker.dryDown(asked.input);
  }, [asked]);
  const recipe = larder?.blends.find(({ id }) => id === mediumId)?.latest.recipe;
  return { medium, recipe, there, asked, thought: useThought(ask) };
}
