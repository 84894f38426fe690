import type { InstrumentRow, LabRequestRow, PlannedJobRow, RunSheet } from '@bent-pail/contract';
import { dueJobs, replicateName, runProgress, stampOf, type Hold } from '@bent-pail/core';
import { toRecord } from '../shared/toRecord';

/** Something that waits for a person at a time, or now. */
export interface Job {
  /** Where it is done. */
  readonly to: string;
  readonly what: string;
  readonly where: string;
  /** ms since 1970; absent where it can be done at any time. */
  readonly at?: number;
  /** Id of planned work, which is marked done here. */
  readonly planned?: string;
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

/** Where things may wait. */
export interface Waiting {
  readonly runs: readonly RunSheet[];
  readonly instruments: readonly InstrumentRow[];
  readonly reports: readonly LabRequestRow[];
  readonly planned: readonly PlannedJobRow[];
}

/** Reports that the laboratory owes, and those that lie there unread. */
function laboratoryJobs(reports: readonly LabRequestRow[]): Job[] {
  return reports.map(({ lot, readyAt, report }): Job => ({
    to: '/bench/laboratory',
    what: report === undefined ? 'Report of the laboratory' : 'Import the laboratory’s report',
    where: `${lot.name} ${lot.code}`,
    at: Date.parse(readyAt),
  }));
}

/** Work that a batch, a feeding plan or a re-test put there. */
function plannedJobs(planned: readonly PlannedJobRow[]): Job[] {
  return planned.map(({ id, at, what, where, to }): Job => ({
    to: to ?? '/blend',
    what,
    where,
    at: Date.parse(at),
    planned: id,
  }));
}

/** What waits, in order: what is over first, then by the clock, then what can be done at any time. */
export function jobsOf({ runs, instruments, reports, planned }: Waiting, now: number): Job[] {
  const onSheets = runs.flatMap((run) => {
    const where = `run ${String(run.number)}, ${run.lot.name} ${run.lot.code}`;
    return dueJobs(toRecord(run, [])).map(({ runId, what, at }): Job => {
      const job = { to: `/bench/runs/${runId}`, what, where };
      return at === undefined ? job : { ...job, at };
    });
  });
  const all = [...onSheets, ...laboratoryJobs(reports), ...plannedJobs(planned), ...calibrationJobs(instruments, now)];
  return all.sort((a, b) => (a.at ?? Infinity) - (b.at ?? Infinity));
}

/** Instruments that the next reading could not stand on. Pens are asked for only where one of them is not ready. */
function calibrationJobs(instruments: readonly InstrumentRow[], now: number): Job[] {
  const takenAt = new Date(now).toISOString();
  return instruments.flatMap((instrument): Job[] => {
    const [calibration] = instrument.calibrations;
    const { state, sentence } = stampOf({ instrument, calibration, takenAt, readings: instrument.readings + 1 });
    if (state === 'good') return [];
    const what = `${instrument.kind === 'pH' ? 'Calibrate' : 'Check'} ${instrument.name} before the next reading`;
    return [{ to: '/bench/instruments', what, where: sentence }];
  });
}

export { letters };
