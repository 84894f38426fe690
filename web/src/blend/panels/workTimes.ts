import type { NewPlannedJob } from '@bent-pail/contract';
import type { BatchPlan } from '@bent-pail/core';
import { v7 as uuidv7 } from 'uuid';

const HOUR_MS = 3600000;

export interface TimedTask {
  readonly at: number;
  readonly what: string;
  readonly why: string;
}

/** The tasks by the clock, for a mixing at a time. */
export function timed({ tasks }: BatchPlan, mixAt: number): TimedTask[] {
  return tasks.map(({ hoursBefore, what, why }) => ({ at: mixAt - hoursBefore * HOUR_MS, what, why }));
}

/** The same as work with a date; what lies in the past already is due at once. */
export function workJobs(plan: BatchPlan, mixAt: number, blend: string, now: number): NewPlannedJob[] {
  return timed(plan, mixAt).map(({ at, what }) => ({
    id: uuidv7(),
    at: new Date(Math.max(at, now)).toISOString(),
    what: what.slice(0, 200),
    where: `batch of ${blend}`.slice(0, 120),
  }));
}

/** A time as a field of date and time shows it, in the person's own zone. */
export function fieldTime(ms: number): string {
  const local = new Date(ms - new Date(ms).getTimezoneOffset() * 60000);
  return local.toISOString().slice(0, 16);
}
