import type { DeskBlend, DeskLot, RecipeLine } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { deskBlendsQuery } from '../resources/blends';
import { deskLotsQuery } from '../resources/lots';

/** Lots and blends that predictions are made from: whatever was named, and what is at hand. */
export interface Larder {
  readonly lots: readonly DeskLot[];
  readonly blends: readonly DeskBlend[];
}

interface Named {
  readonly lines?: readonly Pick<RecipeLine, 'lotId' | 'or' | 'blend'>[];
  readonly lotIds?: readonly string[];
  readonly blendIds?: readonly string[];
}

interface Found<T> {
  readonly all: readonly T[];
  readonly isPending: boolean;
  readonly error: Error | null;
}

const NOTHING: readonly never[] = [];

/** What was named comes first; what is at hand may come later, unless nothing was named. */
function found<T extends { readonly id: string }>(
  ids: readonly string[],
  named: { readonly data: readonly T[] | undefined; readonly error: Error | null },
  atHand: { readonly data: readonly T[] | undefined; readonly error: Error | null },
): Found<T> {
  const own = ids.length === 0 ? NOTHING : (named.data ?? NOTHING);
  const others = (atHand.data ?? NOTHING).filter(({ id }) => !own.some((one) => one.id === id));
  const all = [...own, ...others];
  const isPending =
    ids.length === 0
      ? atHand.data === undefined
      : !ids.every((id) => all.some((one) => one.id === id)) && named.data === undefined;
  return { all, isPending, error: named.error ?? atHand.error };
}

function useBlends(ids: readonly string[]): Found<DeskBlend> {
  const { data: named, error: namedError } = useQuery({ ...deskBlendsQuery(ids), enabled: ids.length > 0 });
  const { data: atHand, error } = useQuery(deskBlendsQuery(NOTHING));
  return useMemo(() => {
    const blends = found(ids, { data: named, error: namedError }, { data: atHand, error });
    // A recipe without a blend inside need not wait for any.
    return ids.length === 0 ? { ...blends, isPending: false } : blends;
  }, [ids, named, namedError, atHand, error]);
}

function useLots(ids: readonly string[]): Found<DeskLot> {
  const { data: named, error: namedError } = useQuery({ ...deskLotsQuery(ids), enabled: ids.length > 0 });
  const { data: atHand, error } = useQuery(deskLotsQuery(NOTHING));
  return useMemo(
    () => found(ids, { data: named?.lots, error: namedError }, { data: atHand?.lots, error }),
    [ids, named, namedError, atHand, error],
  );
}

/** The same list for the same ids, so that what rests on it is not made anew. */
function useStable(ids: readonly string[]): readonly string[] {
  const key = [...new Set(ids)].sort().join(',');
  return useMemo(() => (key === '' ? NOTHING : key.split(',')), [key]);
}

/** The larder with all that is named in it; undefined until that is there. */
export function useLarder({ lines = NOTHING, lotIds = NOTHING, blendIds = NOTHING }: Named): {
  readonly larder: Larder | undefined;
  readonly error: Error | null;
} {
  const namedBlends = useStable([...blendIds, ...lines.flatMap(({ blend }) => blend?.id ?? [])]);
  const blends = useBlends(namedBlends);
  const inside = blends.all
    .filter(({ id }) => namedBlends.includes(id))
    .flatMap(({ kept }) => kept.flatMap(({ flat }) => flat.map(({ lotId }) => lotId)));
  const namedLots = useStable([
    ...lotIds,
    ...lines.flatMap(({ lotId, or }) => [lotId ?? [], or ?? []].flat()),
    ...inside,
  ]);
  const lots = useLots(namedLots);
  const larder = useMemo((): Larder => ({ lots: lots.all, blends: blends.all }), [lots.all, blends.all]);
  return {
    larder: lots.isPending || blends.isPending ? undefined : larder,
    error: lots.error ?? blends.error,
  };
}
