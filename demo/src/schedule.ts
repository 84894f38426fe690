import type { Protocol, Step } from '@bent-pail/core';
import type { RunFile } from './files';

/** One reading of a run, minutes after the run began; a timer is started and has no value of its own. */
export interface Planned {
  readonly minute: number;
  readonly replicate: number;
  readonly step: string;
  readonly value: number | 'now';
}

/** Pace of a calm tester: between readings, until the oven has done its work, between dry weighings. */
const PACE = Object.freeze({ reading: 1.5, firstDrying: 22 * 60, laterDrying: 122, suction: 24 * 60 });

const FIRST_DRYINGS = new Set(['dry', 'dry1']);
const LATER_DRYINGS = new Set(['dryAgain', 'dryThird', 'dryFourth', 'dryFifth']);

/** Minutes that pass before a step by itself: drying, and a day on the suction table. */
function waitBefore({ key, suction_cm }: Step): number {
  if (FIRST_DRYINGS.has(key)) return PACE.firstDrying;
  if (LATER_DRYINGS.has(key)) return PACE.laterDrying;
  return (suction_cm ?? 0) > 0 ? PACE.suction : 0;
}

function minutesOf(hold: NonNullable<Step['hold']>, settings: { soak_min: number; drain_min: number }): number {
  return 'minutes' in hold ? hold.minutes : settings[hold.setting];
}

/** Readings of a run in the order and at the pace of the work: steps down, replicates across, timers run out. */
export function planRun(run: RunFile, protocol: Protocol, drain_min: number): Planned[] {
  const holds = { soak_min: run.soak_min, drain_min };
  const plan: Planned[] = [];
  let minute = 0;
  let readyAt = 0;
  for (const step of protocol.steps) {
    const values = run.readings[step.key];
    const replicates = step.once === true ? 1 : replicatesOf(run);
    if (step.hold === undefined && values === undefined) {
      if (step.key === run.stopAfter) break;
      continue;
    }
    minute = Math.max(minute, readyAt) + waitBefore(step);
    const began = minute;
    for (let replicate = 0; replicate < replicates; replicate += 1) {
      const value = step.hold === undefined ? values?.[replicate] : 'now';
      if (value === undefined) continue;
      plan.push({ minute, replicate, step: step.key, value });
      minute += PACE.reading;
    }
    readyAt = step.hold === undefined ? 0 : began + minutesOf(step.hold, holds) + 1;
    if (step.key === run.stopAfter) break;
  }
  return plan;
}

/** How many replicates a run's file speaks of. */
export function replicatesOf(run: RunFile): number {
  return Math.max(run.vessels.length, ...Object.values(run.readings).map((values) => values.length));
}
