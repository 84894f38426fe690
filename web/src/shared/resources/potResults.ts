import type { PotResultRow } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';

export const potResultsQuery = queryOptions({
  queryKey: ['pot-results'],
  queryFn: () => api.get<PotResultRow[]>('/pot-results'),
});
