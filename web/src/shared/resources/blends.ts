import type { BlendPage, BlendRow, BlendsAsked, DeskBlend } from '@bent-pail/contract';
import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { api } from '../api';
import { asks, pages, type Asked } from './paged';

export const blendsKey = ['blends'];

export const blendPagesQuery = (asked: Asked<BlendsAsked>) => pages<BlendRow>(blendsKey, '/blends', asked);
/** Blends as recipes take them up: those named, and the newest. */
export const deskBlendsQuery = (ids: readonly string[]) =>
  queryOptions({
    queryKey: [...blendsKey, 'desk', [...ids].sort()],
    queryFn: () => api.get<DeskBlend[]>(`/blends/desk${asks({ ids: ids.join(',') })}`),
    placeholderData: keepPreviousData,
  });
export const blendQuery = (id: string) =>
  queryOptions({ queryKey: [...blendsKey, id], queryFn: () => api.get<BlendPage>(`/blends/${id}`) });
