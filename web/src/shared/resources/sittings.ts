import type { RaterSheet, SheetRow, SheetsAsked, SittingPage } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';
import { pages, type Asked } from './paged';

export const sittingsKey = ['sittings'];
export const sheetsKey = ['sheets'];

export const sittingQuery = (id: string) =>
  queryOptions({ queryKey: [...sittingsKey, id], queryFn: () => api.get<SittingPage>(`/sittings/${id}`) });
export const sheetPagesQuery = (asked: Asked<SheetsAsked>) => pages<SheetRow>(sheetsKey, '/sheets', asked);
export const sheetQuery = (id: string) =>
  queryOptions({ queryKey: [...sheetsKey, id], queryFn: () => api.get<RaterSheet>(`/sheets/${id}`) });
