import { replicateName, type RunRecord } from '../sheets';
import { runProgress } from './progress';

/** Something on a sheet that waits for a person at a time, or now. */
export interface DueJob {
  readonly runId: string;
  readonly what: string;
  /** ms since 1970; absent where it can be done at any time. */
  readonly at?: number;
}

/**
 * What a run waits for: replicates at one step are one job, due when the first of them is. A full sheet waits to be
 * finished, or for the next look that has a date; a finished run for nothing.
 */
export function dueJobs(run: RunRecord): DueJob[] {
  if (run.finishedAt !== undefined) return [];
  const progress = runProgress(run);
  if (progress.complete && progress.later.length === 0) return [{ runId: run.id, what: 'Finish the run' }];
  const nextLook = progress.later.filter(({ step }) => step.key === progress.later[0]?.step.key);
  const groups = new Map<string, { at?: number; label: string; replicates: number[] }>();
  for (const next of progress.complete ? nextLook : progress.next) {
    const key = `${next.step.key}:${next.notBefore === undefined ? 'now' : 'held'}`;
    const known = groups.get(key);
    if (known === undefined) {
      const at = next.notBefore === undefined ? {} : { at: next.notBefore };
      groups.set(key, { label: next.step.label, replicates: [next.replicate], ...at });
    } else {
      known.replicates.push(next.replicate);
      if (known.at !== undefined && next.notBefore !== undefined) known.at = Math.min(known.at, next.notBefore);
    }
  }
  return [...groups.values()].map(({ at, label, replicates }) => ({
    runId: run.id,
    what: `${label}, ${replicates.map(replicateName).join(' ')}`,
    ...(at === undefined ? {} : { at }),
  }));
}
