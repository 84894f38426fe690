import type {
  InstrumentRow,
  LabRequestRow,
  OpenRunRow,
  PlannedJobRow,
  PotJobRow,
  TrialToday,
} from '@bent-pail/contract';
import { giveOrTake, POT_ACT_WORDS, replicateName, stampOf, type WaitingHold } from '@bent-pail/core';
import { traitSaid } from '../shared/trials/traitSaid';

/** Something that waits for a person at a time, or now. */
export interface Job {
  /** Where it is done. */
  readonly to: string;
  readonly what: string;
  readonly where: string;
  /** ms since 1970; absent where it can be done at any time. */
  readonly at?: number;
  /** It is for a day and no hour of it: as 2026-11-24. */
  readonly day?: string;
  /** Id of planned work, which is marked done here. */
  readonly planned?: string;
}

/** One line of the timeline: a lot's holds that end together. */
export interface BenchLine {
  readonly run: OpenRunRow;
  readonly hold?: WaitingHold;
  readonly replicates: readonly number[];
}

const letters = (replicates: readonly number[]): string => replicates.map(replicateName).join(' ');

/** Open runs as timeline lines: replicates at the same step share one, until the first of them is due. */
export function benchLines(runs: readonly OpenRunRow[]): BenchLine[] {
  return runs.flatMap((run): BenchLine[] => {
    const { holds, next } = run.waits;
    const lines = holds.map((hold) => ({ run, hold, replicates: hold.replicates }));
    return lines.length > 0 ? lines : [{ run, replicates: next }];
  });
}

/** Where things may wait. */
export interface Waiting {
  readonly runs: readonly OpenRunRow[];
  readonly instruments: readonly InstrumentRow[];
  readonly reports: readonly LabRequestRow[];
  readonly planned: readonly PlannedJobRow[];
  readonly pots: readonly PotJobRow[];
  readonly trials: readonly TrialToday[];
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

/** What filled pots ask for: water when half of what they can give is gone, with the band, and whatever stands out. */
function potJobs(pots: readonly PotJobRow[], now: number): Job[] {
  return pots.map(({ potId, pot, place, act, at, band, why }): Job => {
    // What is over is over, however wide its band was.
    const isAhead = at !== undefined && Date.parse(at) > now;
    const width = band === undefined || !isAhead ? undefined : giveOrTake(Date.parse(band.from), Date.parse(band.to));
    return {
      to: `/pot/diary/${potId}`,
      what: `${POT_ACT_WORDS[act]}: ${pot}`,
      where: why ?? [width, place].filter((one) => one !== undefined).join('; '),
      ...(at === undefined ? {} : { at: Date.parse(at) }),
    };
  });
}

/** What trials ask to be read on a day, until all of it is. */
function trialJobs(trials: readonly TrialToday[]): Job[] {
  return trials
    .filter(({ left }) => left > 0)
    .map(({ id, name, on, traits, planned, left }): Job => {
      const read = traits.map((trait) => traitSaid(trait).toLowerCase());
      return {
        to: `/grow/${id}/day?on=${on}`,
        what: `Read ${read.join(', ')}: ${name}`,
        where: left === planned ? `${String(planned)} readings` : `${String(left)} of ${String(planned)} readings left`,
        at: Date.parse(`${on}T00:00:00Z`),
        day: on,
      };
    });
}

/** What waits, in order: what is over first, then by the clock, then what can be done at any time. */
export function jobsOf({ runs, instruments, reports, planned, pots, trials }: Waiting, now: number): Job[] {
  const onSheets = runs.flatMap((run) =>
    run.waits.due.map(({ what, at }): Job => ({
      to: `/bench/runs/${run.id}`,
      what,
      where: `run ${String(run.number)}, ${run.lotName} ${run.lotCode}`,
      ...(at === undefined ? {} : { at }),
    })),
  );
  const all = [
    ...onSheets,
    ...laboratoryJobs(reports),
    ...plannedJobs(planned),
    ...potJobs(pots, now),
    ...trialJobs(trials),
    ...calibrationJobs(instruments, now),
  ];
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
