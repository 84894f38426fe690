import { cellReplicate, isAsked, Sheet, type RunRecord, type Step } from '../sheets';

/** Something that runs by itself: a soak or a drain, as a deadline. */
export interface Hold {
  readonly replicate: number;
  readonly step: string;
  readonly name: string;
  readonly startedAt: number;
  readonly deadline: number;
}

/** The next thing to do for one replicate. */
export interface NextStep {
  readonly replicate: number;
  readonly step: Step;
  /** Milliseconds since 1970 before which it should not be done; absent where nothing holds it. */
  readonly notBefore?: number;
}

export interface RunProgress {
  /** Holds whose following weighing is not yet read, in order of deadline. */
  readonly holds: readonly Hold[];
  /** One per replicate that still has a step that must be read. */
  readonly next: readonly NextStep[];
  /** Looks that may be left out and have a date of their own, in order of it; they are no reason to wait. */
  readonly later: readonly NextStep[];
  /** Every replicate that counts has every step that must be read. */
  readonly complete: boolean;
  readonly filled: number;
  readonly needed: number;
}

/** Deadline of a hold that began at `startedAt_s` seconds since 1970, in milliseconds. */
function deadlineOf(run: RunRecord, step: Step, startedAt_s: number): number {
  const { hold } = step;
  if (hold === undefined) return startedAt_s * 1000;
  const minutes = 'minutes' in hold ? hold.minutes : run.settings[hold.setting];
  return startedAt_s * 1000 + minutes * 60000;
}

/** When a step is due that counts from an earlier one, in milliseconds; undefined where nothing is counted from. */
function dateOf({ after }: Step, sheet: Sheet, replicate: number): number | undefined {
  const from = after === undefined ? undefined : sheet.reading(replicate, after.step);
  return after === undefined || from === undefined ? undefined : Date.parse(from.takenAt) + after.minutes * 60000;
}

/**
 * Where a run stands: what runs, what is next for each replicate, whether it can be finished.
 * Timers are deadlines from the reading that started them, so they survive a reload and sleep.
 */
export function runProgress(run: RunRecord): RunProgress {
  const sheet = new Sheet(run.readings);
  const holds: Hold[] = [];
  const next: NextStep[] = [];
  const later: NextStep[] = [];
  let filled = 0;
  let needed = 0;
  const excluded = new Set(run.exclusions.map((exclusion) => exclusion.replicate));
  for (let replicate = 0; replicate < run.replicateCount; replicate += 1) {
    if (excluded.has(replicate)) continue;
    let held: Hold | undefined;
    let waiting: NextStep | undefined;
    for (const step of run.protocol.steps) {
      if (step.once === true && replicate > 0) continue;
      if (!isAsked(step, sheet, replicate) && sheet.value(replicate, step.key) === undefined) continue;
      const value = sheet.value(cellReplicate(step, replicate), step.key);
      const read = sheet.cell(cellReplicate(step, replicate), step.key).standing.length > 0;
      if (step.optional !== true) needed += 1;
      if (step.optional !== true && read) filled += 1;
      if (step.hold !== undefined && value !== undefined) {
        const deadline = deadlineOf(run, step, value);
        held = { replicate, step: step.key, name: step.hold.name, startedAt: value * 1000, deadline };
        continue;
      }
      if (read && step.kind !== 'time') {
        // A later reading ends the hold before it.
        held = undefined;
        continue;
      }
      const notBefore = held?.deadline ?? dateOf(step, sheet, replicate);
      const open = { replicate, step, ...(notBefore === undefined ? {} : { notBefore }) };
      if (step.optional !== true) waiting ??= open;
      else if (step.after !== undefined && notBefore !== undefined) later.push(open);
    }
    if (waiting !== undefined) next.push(waiting);
    if (held !== undefined && waiting !== undefined) holds.push(held);
  }
  holds.sort((a, b) => a.deadline - b.deadline);
  later.sort((a, b) => (a.notBefore as number) - (b.notBefore as number));
  return { holds, next, later, complete: next.length === 0, filled, needed };
}
