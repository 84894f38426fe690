import type { VerdictRow } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';

/** What each finding means for each use, as this notebook has it. */
export const verdictsQuery = queryOptions({
  queryKey: ['verdicts'],
  queryFn: () => api.get<VerdictRow[]>('/verdicts'),
});
