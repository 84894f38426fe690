import type { DeskBlend, DeskLot, RecipeLine } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { deskBlendsQuery, deskLotsQuery } from '../shared/queries';

/** Lots and blends that predictions are made from: what is at hand, and whatever was named besides. */
export interface Larder {
  readonly lots: readonly DeskLot[];
  readonly blends: readonly DeskBlend[];
  /** How many usable lots there are in all. */
  readonly total: number;
}

interface Named {
  readonly lines?: readonly Pick<RecipeLine, 'lotId' | 'or' | 'blend'>[];
  readonly lotIds?: readonly string[];
  readonly blendIds?: readonly string[];
}

const NOTHING: readonly never[] = [];

/** What a page needs that is not at hand. */
const lacking = (ids: readonly string[], there: readonly { readonly id: string }[] | undefined): string[] =>
  there === undefined ? [] : [...new Set(ids)].filter((id) => !there.some((one) => one.id === id));

/** The larder with all that is named in it; undefined until it is there. */
export function useLarder({ lines = NOTHING, lotIds = NOTHING, blendIds = NOTHING }: Named): {
  readonly larder: Larder | undefined;
  readonly error: Error | null;
} {
  const namedBlends = [...blendIds, ...lines.flatMap(({ blend }) => blend?.id ?? [])];
  const blendsAtHand = useQuery(deskBlendsQuery(NOTHING));
  const otherBlends = lacking(namedBlends, blendsAtHand.data);
  const moreBlends = useQuery({ ...deskBlendsQuery(otherBlends), enabled: otherBlends.length > 0 });
  const blends = useMemo(
    () => merged(blendsAtHand.data ?? NOTHING, otherBlends.length > 0 ? moreBlends.data : undefined),
    [blendsAtHand.data, moreBlends.data, otherBlends.length],
  );
  const inside = blends
    .filter(({ id }) => namedBlends.includes(id))
    .flatMap(({ kept }) => kept.flatMap(({ flat }) => flat.map(({ lotId }) => lotId)));
  const namedLots = [...lotIds, ...lines.flatMap(({ lotId, or }) => [lotId ?? [], or ?? []].flat()), ...inside];
  const lotsAtHand = useQuery(deskLotsQuery(NOTHING));
  const otherLots = lacking(namedLots, lotsAtHand.data?.lots);
  const moreLots = useQuery({ ...deskLotsQuery(otherLots), enabled: otherLots.length > 0 });
  const lots = useMemo(
    () => merged(lotsAtHand.data?.lots ?? NOTHING, otherLots.length > 0 ? moreLots.data?.lots : undefined),
    [lotsAtHand.data, moreLots.data, otherLots.length],
  );
  const total = lotsAtHand.data?.total ?? 0;
  const isPending =
    blendsAtHand.data === undefined ||
    lotsAtHand.data === undefined ||
    (otherBlends.length > 0 && moreBlends.data === undefined) ||
    (otherLots.length > 0 && moreLots.data === undefined);
  const larder = useMemo((): Larder => ({ lots, blends, total }), [lots, blends, total]);
  return {
    larder: isPending ? undefined : larder,
    error: lotsAtHand.error ?? blendsAtHand.error ?? moreLots.error ?? moreBlends.error,
  };
}

function merged<T extends { readonly id: string }>(atHand: readonly T[], more: readonly T[] | undefined): readonly T[] {
  if (more === undefined) return atHand;
  return [...atHand, ...more.filter(({ id }) => !atHand.some((one) => one.id === id))];
}
