import type { FilledPotPage, FilledPotRow, FilledPotsAsked } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';
import { pages, type Asked } from './paged';

export const filledPotsKey = ['filled-pots'];

export const filledPotPagesQuery = (asked: Asked<FilledPotsAsked>) =>
  pages<FilledPotRow>(filledPotsKey, '/pots', asked);
export const filledPotQuery = (id: string) =>
  queryOptions({ queryKey: [...filledPotsKey, id], queryFn: () => api.get<FilledPotPage>(`/pots/${id}`) });
