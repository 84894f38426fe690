import type { ClassPage } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import { v7 as uuidv7 } from 'uuid';
import { api } from '../shared/api';
import { queryClient } from '../shared/resources/client';
import { classQuery } from '../shared/resources/classes';

/** What a teacher does to a class; each answers with the class as it is then. */
export function useClassActs(id: string) {
  const act = useMutation({
    mutationFn: ({ path, body }: { readonly path: string; readonly body?: object }) =>
      api.post<ClassPage>(`/classes/${id}/${path}`, body ?? {}),
    onSuccess: (page) => {
      queryClient.setQueryData(classQuery(id).queryKey, page);
    },
  });
  return {
    error: act.error,
    isBusy: act.isPending,
    reveal: () => {
      act.mutate({ path: 'reveal' });
    },
    end: () => {
      act.mutate({ path: 'end' });
    },
    moreTime: (minutes: number) => {
      act.mutate({ path: 'time', body: { minutes } });
    },
    sendAway: (groupId: string) => {
      act.mutate({ path: `groups/${groupId}/away` });
    },
    letIn: (groupId: string, sampleId: string) => {
      act.mutate({ path: 'runs', body: { runId: uuidv7(), groupId, sampleId } });
    },
  };
}
export type ClassActs = ReturnType<typeof useClassActs>;
