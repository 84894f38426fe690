import type { FilledPotPage } from '@bent-pail/contract';
import {
  deskOfLot,
  deskOfVersion,
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
import { useLarder } from '../../shared/larder/useLarder';
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
  const { mediumId, held, shape } = page;
  const lotIds = useMemo(() => held?.flat.map(({ lotId }) => lotId) ?? [mediumId], [held, mediumId]);
  const { larder } = useLarder({ lotIds });
  const learnt = useQuery(learningQuery).data?.learning.use;
  const medium = useMemo(() => {
    if (larder === undefined) return undefined;
    const find = (id: string) => larder.lots.find((one) => one.id === id)?.component;
    const alone = find(mediumId);
    const desk = held === undefined ? alone && deskOfLot(alone, shape) : deskOfVersion(held, find, shape, learnt);
    return desk && filledMedium(desk);
  }, [larder, learnt, held, mediumId, shape]);
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
  return { medium, recipe: held?.recipe, there, asked, thought: useThought(ask) };
}
