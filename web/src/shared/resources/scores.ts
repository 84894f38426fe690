import type { PanelPage, ScorecardPage, ScorecardRow, ScorecardsAsked } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';
import { pages, type Asked } from './paged';

export const scorecardsKey = ['scorecards'];

export const scorecardPagesQuery = (asked: Asked<ScorecardsAsked>) =>
  pages<ScorecardRow>(scorecardsKey, '/scorecards', asked);
export const scorecardQuery = (id: string) =>
  queryOptions({ queryKey: [...scorecardsKey, id], queryFn: () => api.get<ScorecardPage>(`/scorecards/${id}`) });
/** Marks of all that is revealed. */
export const panelQuery = queryOptions({
  queryKey: [...scorecardsKey, 'panel'],
  queryFn: () => api.get<PanelPage>('/panel'),
});
