import type { Counts, TodayPage } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';

export const todayKey = ['today'];

export const todayQuery = queryOptions({
  queryKey: todayKey,
  queryFn: () => api.get<TodayPage>('/today'),
  refetchInterval: 15000,
});
/** Numbers of the bench edge; the stream says when they change, and other stations are asked now and then. */
export const countsQuery = queryOptions({
  queryKey: ['counts'],
  queryFn: () => api.get<Counts>('/counts'),
  refetchInterval: 30000,
});
