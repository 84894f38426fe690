import type { NewPlannedJob } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { api, sentenceOf } from '../../shared/api';
import { queryClient } from '../../shared/resources/client';
import { useWorks } from '../../shared/useSession';
import { Button } from '../../kit/Button';
import { Sorry } from '../../kit/Sorry';
import { todayKey } from '../../shared/resources/today';

interface PlanJobsProps {
  /** What the button says while the plan is not in Today, and once it is. */
  readonly words: string;
  readonly done: string;
  /** What is planned, in short: another plan is to be sent anew. */
  readonly plan: string;
  readonly jobs: () => readonly NewPlannedJob[];
  readonly disabled?: boolean;
}

/** Puts work with a date into Today; the same plan once. */
export function PlanJobs({ words, done, plan, jobs, disabled = false }: PlanJobsProps): ReactElement | null {
  const works = useWorks();
  const [sent, setSent] = useState<string>();
  const send = useMutation({
    mutationFn: () => api.post('/jobs', { jobs: jobs() }),
    onSuccess: async () => {
      setSent(plan);
      await queryClient.invalidateQueries({ queryKey: todayKey });
    },
  });
  if (!works) return null;
  return (
    <p className="mt-2 flex items-center gap-3">
      <Button
        disabled={disabled || send.isPending || sent === plan}
        onClick={() => {
          send.mutate();
        }}
      >
        {sent === plan ? done : words}
      </Button>
      {send.error !== null && <Sorry>{sentenceOf(send.error)}</Sorry>}
    </p>
  );
}
