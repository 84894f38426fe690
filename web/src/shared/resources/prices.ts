import type { PriceBoardPage, PriceNote } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';

export const pricesKey = ['prices'];

/** Every pack with a price, and what is made here. */
export const priceBoardQuery = queryOptions({
  queryKey: [...pricesKey, 'board'],
  queryFn: () => api.get<PriceBoardPage>('/prices'),
});

/** What was seen of a lot's price, newest first. */
export const lotPricesQuery = (lotId: string) =>
  queryOptions({ queryKey: [...pricesKey, lotId], queryFn: () => api.get<PriceNote[]>(`/lots/${lotId}/prices`) });
