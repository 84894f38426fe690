import type { DeskLots, LotCardPage, LotRow, LotsAsked, Page } from '@bent-pail/contract';
import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { api } from '../api';
import { asks, pages, type Asked } from './paged';

/** Everything that is known of lots. */
export const lotsKey = ['lots'];

/** While a card follows what it rests on, it is looked at again this often. */
const FOLLOWING_MS = 700;

export const lotPagesQuery = (asked: Asked<LotsAsked>) => ({
  ...pages<LotRow>(lotsKey, '/lots', asked),
  refetchInterval: ({
    state,
  }: {
    readonly state: { readonly data?: { readonly pages: readonly Page<LotRow>[] } | undefined };
  }) =>
    state.data?.pages.some(({ rows }) => rows.some(({ following }) => following === true)) === true
      ? FOLLOWING_MS
      : (false as const),
});
/** The first page of lots that answer to a question. */
export const lotsQuery = (asked: Asked<LotsAsked>) =>
  queryOptions({
    queryKey: [...lotsKey, 'first', asked],
    queryFn: () => api.get<Page<LotRow>>(`/lots${asks(asked)}`),
    placeholderData: keepPreviousData,
  });
/** Lots as predictions take them: those named, and what else is at hand. */
export const deskLotsQuery = (ids: readonly string[]) =>
  queryOptions({
    queryKey: [...lotsKey, 'desk', [...ids].sort()],
    queryFn: () => api.get<DeskLots>(`/lots/desk${asks({ ids: ids.join(',') })}`),
    placeholderData: keepPreviousData,
  });
export const lotQuery = (id: string) =>
  queryOptions({
    queryKey: [...lotsKey, id],
    queryFn: () => api.get<LotCardPage>(`/lots/${id}`),
    refetchInterval: ({ state }) => (state.data?.lot.following === true ? FOLLOWING_MS : false),
  });
