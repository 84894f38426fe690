import type {
  PanelPage,
  RaterSheet,
  ScorecardPage,
  ScorecardRow,
  ScorecardsAsked,
  SheetRow,
  SheetsAsked,
} from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';
import { pages, type Asked } from './paged';

export const scorecardsKey = ['scorecards'];
export const sheetsKey = ['sheets'];

export const scorecardPagesQuery = (asked: Asked<ScorecardsAsked>) =>
  pages<ScorecardRow>(scorecardsKey, '/scorecards', asked);
export const scorecardQuery = (id: string) =>
  queryOptions({ queryKey: [...scorecardsKey, id], queryFn: () => api.get<ScorecardPage>(`/scorecards/${id}`) });
export const sheetPagesQuery = (asked: Asked<SheetsAsked>) => pages<SheetRow>(sheetsKey, '/sheets', asked);
export const sheetQuery = (id: string) =>
  queryOptions({ queryKey: [...sheetsKey, id], queryFn: () => api.get<RaterSheet>(`/sheets/${id}`) });
/** Marks of all that is revealed. */
export const panelQuery = queryOptions({
  queryKey: [...scorecardsKey, 'panel'],
  queryFn: () => api.get<PanelPage>('/panel'),
});
