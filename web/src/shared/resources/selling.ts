import type { SellingPage } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';

export const sellingQuery = (blendId: string) =>
  queryOptions({
    queryKey: ['selling', blendId],
    queryFn: () => api.get<SellingPage>(`/blends/${blendId}/selling`),
  });
