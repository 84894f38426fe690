import type { FillingRow, VesselRow } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';

export const fillingsQuery = (vesselId: string) =>
  queryOptions({
    queryKey: ['vessels', vesselId],
    queryFn: () => api.get<FillingRow[]>(`/vessels/${vesselId}/fillings`),
  });
export const vesselsQuery = queryOptions({ queryKey: ['vessels'], queryFn: () => api.get<VesselRow[]>('/vessels') });
