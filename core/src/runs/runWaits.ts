import type { RunRecord } from '../sheets';
import { dueJobs, type DueJob } from './dueJobs';
import { runProgress } from './progress';

/** A soak or a drain that runs by itself, with those replicates that wait for it together. */
export interface WaitingHold {
  readonly name: string;
  /** ms since 1970; of the replicate that is due first. */
  readonly startedAt: number;
  readonly deadline: number;
  readonly replicates: readonly number[];
}

/** What an open run waits for. */
export interface RunWaits {
  readonly due: readonly Omit<DueJob, 'runId'>[];
  readonly holds: readonly WaitingHold[];
  /** Replicates with a step that must still be read. */
  readonly next: readonly number[];
}

/**
 * What an open run waits for, as lists and timelines show it: jobs, holds with their replicates together, and who has
 * a step to be read. A finished run waits for nothing.
 */
export function runWaits(run: RunRecord): RunWaits {
  if (run.finishedAt !== undefined) return { due: [], holds: [], next: [] };
  const { holds, next } = runProgress(run);
  const groups = new Map<string, WaitingHold>();
  for (const { step, name, startedAt, deadline, replicate } of holds) {
    const { replicates, ...first } = groups.get(step) ?? { name, startedAt, deadline, replicates: [] };
    groups.set(step, { ...first, replicates: [...replicates, replicate] });
  }
  return {
    due: dueJobs(run).map(({ what, at }) => (at === undefined ? { what } : { what, at })),
    holds: [...groups.values()],
    next: next.map(({ replicate }) => replicate),
  };
}
