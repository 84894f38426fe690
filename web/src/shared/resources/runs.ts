import type { RunRow, RunsAsked, RunSheet } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';
import { useLive } from '../liveStore';
import { pages, type Asked } from './paged';

/** Open sheets. */
export const runsKey = ['runs'];
/** Lists of runs. */
export const runListsKey = ['run list'];

/** How often an open sheet is asked for again while the bench computer tells of changes, and while it does not. */
const SHEET_EVERY_MS = Object.freeze({ told: 30000, asking: 2000 });

export const runPagesQuery = (asked: Asked<RunsAsked>) => pages<RunRow>(runListsKey, '/runs', asked);
export const runQuery = (id: string) =>
  queryOptions({
    queryKey: [...runsKey, id],
    queryFn: () => api.get<RunSheet>(`/runs/${id}`),
    refetchInterval: () => (useLive.getState().connected ? SHEET_EVERY_MS.told : SHEET_EVERY_MS.asking),
  });
