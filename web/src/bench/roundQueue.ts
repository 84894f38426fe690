import type { RunRecord, Step } from '@bent-pail/core';
import { runProgress } from '@bent-pail/core';

/** One thing to do on one vessel of one run. */
export interface RoundTask {
  readonly runId: string;
  readonly replicate: number;
  readonly step: Step;
  /** ms since 1970 before which it should not be done. */
  readonly notBefore?: number;
}

const rank = (task: RoundTask, now: number): number => {
  if (task.notBefore === undefined) return 1;
  // What is over waits for nobody; what is not due yet comes last.
  return task.notBefore <= now ? 0 : 2;
};

/**
 * What to do next over all the open runs, pot by pot: first what is over, the longest first; then what can be done any
 * time, a step across all pots of all runs before the next step; then what is still running, the soonest first.
 */
export function roundQueue(runs: readonly RunRecord[], now: number): RoundTask[] {
  const tasks = runs.flatMap((run, place) =>
    runProgress(run).next.map(({ replicate, step, notBefore }) => ({
      task: { runId: run.id, replicate, step, ...(notBefore === undefined ? {} : { notBefore }) },
      place,
      row: run.protocol.steps.indexOf(step),
    })),
  );
  return tasks
    .sort((a, b) => {
      const [x, y] = [rank(a.task, now), rank(b.task, now)];
      if (x !== y) return x - y;
      const byTime = (a.task.notBefore ?? 0) - (b.task.notBefore ?? 0);
      return x === 1
        ? a.row - b.row || a.place - b.place || a.task.replicate - b.task.replicate
        : byTime || a.place - b.place || a.task.replicate - b.task.replicate;
    })
    .map(({ task }) => task);
}

/** Whether two tasks are the same cell. */
export const sameTask = (a: RoundTask, b: RoundTask): boolean =>
  a.runId === b.runId && a.replicate === b.replicate && a.step.key === b.step.key;
