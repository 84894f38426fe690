import type { RunSheet } from '@bent-pail/contract';
import { replicateName, runProgress, type Hold } from '@bent-pail/core';
import { toRecord } from '../shared/toRecord';

/** Something that waits for a person at a time, or now. */
export interface Job {
  readonly runId: string;
  readonly what: string;
  readonly where: string;
  /** ms since 1970; absent where it can be done at any time. */
  readonly at?: number;
}

/** One line of the timeline: a lot's holds that end together. */
export interface BenchLine {
  readonly run: RunSheet;
  readonly hold?: Hold;
  readonly replicates: readonly number[];
}

const letters = (replicates: readonly number[]): string => replicates.map(replicateName).join(' ');

/** Open runs as timeline lines: replicates at the same step share one, until the first of them is due. */
export function benchLines(runs: readonly RunSheet[]): BenchLine[] {
  return runs.flatMap((run): BenchLine[] => {
    const { holds, next } = runProgress(toRecord(run, []));
    const groups = new Map<string, Hold[]>();
    for (const hold of holds) {
      const key = hold.step;
      groups.set(key, [...(groups.get(key) ?? []), hold]);
    }
    const lines = [...groups.values()].map((group) => ({
      run,
      hold: group[0] as Hold,
      replicates: group.map((hold) => hold.replicate),
    }));
    return lines.length > 0 ? lines : [{ run, replicates: next.map((one) => one.replicate) }];
  });
}

/** What waits, in order: what is over first, then by the clock, then what can be done at any time. */
export function dueJobs(runs: readonly RunSheet[]): Job[] {
  const jobs = runs.flatMap((run): Job[] => {
    const progress = runProgress(toRecord(run, []));
    const where = `run ${String(run.number)}, ${run.lot.name} ${run.lot.code}`;
    if (progress.complete) return [{ runId: run.id, what: 'Finish the run', where }];
    const groups = new Map<string, { at?: number; label: string; replicates: number[] }>();
    for (const next of progress.next) {
      // Replicates at one step are one job, due when the first of them is.
      const key = `${next.step.key}:${next.notBefore === undefined ? 'now' : 'held'}`;
      const known = groups.get(key);
      if (known !== undefined) {
        known.replicates.push(next.replicate);
        if (known.at !== undefined && next.notBefore !== undefined) known.at = Math.min(known.at, next.notBefore);
      } else {
        const label = next.step.label;
        groups.set(key, {
          label,
          replicates: [next.replicate],
          ...(next.notBefore === undefined ? {} : { at: next.notBefore }),
        });
      }
    }
    return [...groups.values()].map(({ at, label, replicates }) => ({
      runId: run.id,
      what: `${label}, ${letters(replicates)}`,
      where,
      ...(at === undefined ? {} : { at }),
    }));
  });
  return jobs.sort((a, b) => (a.at ?? Infinity) - (b.at ?? Infinity));
}

export { letters };
