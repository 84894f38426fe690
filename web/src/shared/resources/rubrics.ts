import type { RubricRow } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';

/** What products are judged by: every rubric at its newest version. */
export const rubricsQuery = queryOptions({
  queryKey: ['rubrics'],
  queryFn: () => api.get<RubricRow[]>('/rubrics'),
});
