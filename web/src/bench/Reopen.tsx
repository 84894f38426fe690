import type { RunSheet } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import { useState, type ReactElement, type SubmitEvent } from 'react';
import { api, sentenceOf } from '../shared/api';
import { Field } from '../kit/Field';
import { once } from '../shared/once';
import { queryClient } from '../shared/resources/client';
import { runQuery, runListsKey } from '../shared/resources/runs';
import { useWorks } from '../shared/useSession';
import { Button } from '../kit/Button';
import { Sorry } from '../kit/Sorry';
import { lotsKey } from '../shared/resources/lots';
import { todayKey } from '../shared/resources/today';

/** Opens a finished run again, with its reason; folded until somebody asks. */
export function Reopen({ sheet }: { readonly sheet: RunSheet }): ReactElement | null {
  const works = useWorks();
  const [asked, setAsked] = useState(false);
  const [reason, setReason] = useState('');
  const reopen = useMutation({
    mutationFn: () =>
      once(['reopen', sheet.id, reason], (id) => api.post<RunSheet>(`/runs/${sheet.id}/reopen`, { id: id(), reason })),
    onSuccess: async (next) => {
      queryClient.setQueryData(runQuery(sheet.id).queryKey, next);
      setAsked(false);
      setReason('');
      await queryClient.invalidateQueries({ queryKey: lotsKey });
      await queryClient.invalidateQueries({ queryKey: todayKey });
      await queryClient.invalidateQueries({ queryKey: runListsKey });
    },
  });
  if (!works || sheet.finishedAt === undefined) return null;
  if (!asked)
    return (
      <Button
        look="tie"
        onClick={() => {
          setAsked(true);
        }}
      >
        Open it again
      </Button>
    );
  return (
    <form
      className="order-last flex basis-full flex-wrap items-end gap-4 pt-2"
      aria-label="Open the run again"
      onSubmit={(event: SubmitEvent) => {
        event.preventDefault();
        reopen.mutate();
      }}
    >
      <Field label="Why it is opened again" className="w-80" value={reason} onChange={setReason} />
      <Button type="submit" disabled={reopen.isPending}>
        Open it; it counts nowhere until it is finished anew
      </Button>
      {reopen.error !== null && <Sorry className="basis-full">{sentenceOf(reopen.error)}</Sorry>}
    </form>
  );
}
