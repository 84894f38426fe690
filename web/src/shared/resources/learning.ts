import type { LearningPage } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';

export const learningQuery = queryOptions({
  queryKey: ['learning'],
  queryFn: () => api.get<LearningPage>('/learning'),
});
