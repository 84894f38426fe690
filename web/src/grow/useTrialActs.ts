import type { NewSettled, NewTrialEvent, NewTrialMove, TrialExclusion, TrialPage } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import { api } from '../shared/api';
import { once } from '../shared/once';
import { showTrial } from '../shared/resources/trials';

type Said<T> = Omit<T, 'id'>;

/** What one does with a trial besides reading it: each answers with the trial as it then stands. */
export function useTrialActs(id: string) {
  const act = useMutation({ mutationFn: (ask: () => Promise<TrialPage>) => ask(), onSuccess: showTrial });
  const post = (what: string, body: object): Promise<TrialPage> => api.post<TrialPage>(`/trials/${id}/${what}`, body);
  /** Something with an id of its own: a try that nobody answered is sent again as the same. */
  const say = (what: string, body: object): Promise<TrialPage> =>
    act.mutateAsync(() => once([what, id, body], (newId) => post(what, { id: newId(), ...body })));
  return {
    isBusy: act.isPending,
    error: act.error,
    layOut: (seed?: number) => {
      act.mutate(() => post('layout', seed === undefined ? {} : { seed }));
    },
    finish: () => {
      act.mutate(() => post('finish', {}));
    },
    reopen: (reason: string) => say('reopen', { reason }),
    happened: (body: Said<NewTrialEvent>) => say('events', body),
    leaveOut: (body: Said<TrialExclusion>) => say('exclusions', body),
    move: (body: Said<NewTrialMove>) => say('moves', body),
    settle: (body: Said<NewSettled>) => say('settled', body),
  };
}
export type TrialActs = ReturnType<typeof useTrialActs>;
