import type { RankingPage, RubricRow } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';

/** What products are judged by: every rubric at its newest version. */
export const rubricsQuery = queryOptions({
  queryKey: ['rubrics'],
  queryFn: () => api.get<RubricRow[]>('/rubrics'),
});

/** Every judged product as one rubric sees it. */
export const rankingQuery = (key: string) =>
  queryOptions({
    queryKey: [...rubricsQuery.queryKey, key, 'ranking'],
    queryFn: () => api.get<RankingPage>(`/rubrics/${key}/ranking`),
    enabled: key !== '',
  });
