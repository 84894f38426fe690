import type { PlantRow, ProfileRow } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';

export const profilesQuery = queryOptions({
  queryKey: ['profiles'],
  queryFn: () => api.get<ProfileRow[]>('/profiles'),
});
export const plantsQuery = queryOptions({ queryKey: ['plants'], queryFn: () => api.get<PlantRow[]>('/plants') });

/** Those that were put away: asked for anew with those at hand. */
export const profilesAwayQuery = queryOptions({
  queryKey: ['profiles', 'away'],
  queryFn: () => api.get<ProfileRow[]>('/profiles?away=yes'),
});
export const plantsAwayQuery = queryOptions({
  queryKey: ['plants', 'away'],
  queryFn: () => api.get<PlantRow[]>('/plants?away=yes'),
});
