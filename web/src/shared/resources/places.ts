import type { PlaceRow } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';

export const placesQuery = queryOptions({ queryKey: ['places'], queryFn: () => api.get<PlaceRow[]>('/places') });
