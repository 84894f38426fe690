import type { ClaimsAsked, ClaimsPage, ClaimsRow } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';
import { pages, type Asked } from './paged';

export const claimsKey = ['claims'];

export const claimsPagesQuery = (asked: Asked<ClaimsAsked>) => pages<ClaimsRow>(claimsKey, '/claims', asked);
export const claimsQuery = (lotId: string) =>
  queryOptions({ queryKey: [...claimsKey, lotId], queryFn: () => api.get<ClaimsPage>(`/lots/${lotId}/claims`) });
