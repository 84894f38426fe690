import type { KeptTrialReading, Page, TrialPage, TrialRow, TrialsAsked } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';
import { askAgain, queryClient } from './client';
import { pages, type Asked } from './paged';
import { todayKey } from './today';

export const trialsKey = ['trials'];

export const trialPagesQuery = (asked: Asked<TrialsAsked>) => pages<TrialRow>([...trialsKey, 'rows'], '/trials', asked);
export const trialQuery = (id: string) =>
  queryOptions({ queryKey: [...trialsKey, id], queryFn: () => api.get<TrialPage>(`/trials/${id}`) });
export const trialReadingsQuery = (id: string) =>
  queryOptions({
    queryKey: [...trialsKey, id, 'readings'],
    queryFn: () => api.get<readonly KeptTrialReading[]>(`/trials/${id}/readings`),
  });

/** Finished trials in which a lot or a blend grew. */
export const trialsOfMediumQuery = (medium: { readonly lot: string } | { readonly blend: string }) =>
  queryOptions({
    queryKey: [...trialsKey, 'rows', 'of', medium],
    queryFn: async () =>
      (await api.get<Page<TrialRow>>(`/trials?${new URLSearchParams(medium).toString()}&state=finished`)).rows,
  });

/** A kept reading goes straight onto the page that is open, once. */
export function showTrialReading(trialId: string, kept: KeptTrialReading): void {
  const { queryKey } = trialReadingsQuery(trialId);
  queryClient.setQueryData<readonly KeptTrialReading[]>(queryKey, (known) =>
    known === undefined || known.some(({ id }) => id === kept.id) ? known : [...known, kept],
  );
  // An answer that is on its way may have been read before the reading was kept.
  if (queryClient.isFetching({ queryKey }) > 0) void askAgain(queryKey);
  void queryClient.invalidateQueries({ queryKey: todayKey, refetchType: 'none' });
}

/** A trial as an act left it. */
export function showTrial(page: TrialPage): void {
  queryClient.setQueryData<TrialPage>(trialQuery(page.id).queryKey, page);
  void queryClient.invalidateQueries({ queryKey: [...trialsKey, 'rows'] });
  void queryClient.invalidateQueries({ queryKey: todayKey, refetchType: 'none' });
}
