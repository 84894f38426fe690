import type { RunSheet } from '@bent-pail/contract';
import { api } from '../shared/api';
import { once } from '../shared/once';

/** Takes a run that was put away back to the bench; the same way back twice is one. */
export const bringBack = (runId: string, at: string): Promise<RunSheet> =>
  once(['bring back', runId, at], (id) => api.post<RunSheet>(`/runs/${runId}/restore`, { id: id() }));
