import type { SavedView } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';

export const savedViewsQuery = queryOptions({
  queryKey: ['saved-views'],
  queryFn: () => api.get<readonly SavedView[]>('/saved-views'),
});
