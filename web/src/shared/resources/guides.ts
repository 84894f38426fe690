import type { PlantRow, ProfileRow } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';

export const profilesQuery = queryOptions({
  queryKey: ['profiles'],
  queryFn: () => api.get<ProfileRow[]>('/profiles'),
});
export const plantsQuery = queryOptions({ queryKey: ['plants'], queryFn: () => api.get<PlantRow[]>('/plants') });
