import type { OpenRunRow } from './bench';
import type { PotJobRow } from './filledPots';
import type { PlannedJobRow } from './jobs';
import type { LabRequestRow } from './laboratory';
import type { TrialToday } from './trials';

/** What the bench edge counts. */
export interface Counts {
  readonly lots: number;
  readonly openRuns: number;
  readonly blends: number;
  readonly scorecards: number;
  readonly sheetsToRate: number;
  /** Classes that are on now. */
  readonly openClasses: number;
  /** Trials that are sown and not finished. */
  readonly openTrials: number;
  /** Timers on the bench that are over, and whose next weighing is not done. */
  readonly due?: number;
  /** The timer that ends next on the bench, ms since 1970. */
  readonly nextOver?: { readonly runId: string; readonly lot: string; readonly name: string; readonly at: number };
}

/** A class that is on. */
export interface ClassOn {
  readonly id: string;
  readonly name: string;
  readonly lesson: string;
  readonly endsAt: string;
}

/** What waits on the bench for the person at the door. */
export interface TodayPage {
  readonly openRuns: readonly OpenRunRow[];
  readonly sheetsToRate: number;
  /** What was sent to the practice laboratory and is not imported yet. */
  readonly labRequests: readonly LabRequestRow[];
  /** Work with a date that is not done. */
  readonly planned: readonly PlannedJobRow[];
  /** What filled pots ask for within a week: the soonest first. */
  readonly pots: readonly PotJobRow[];
  /** Classes that are on now. */
  readonly classes: readonly ClassOn[];
  /** Trials with readings today or within a week: those due first. */
  readonly trials: readonly TrialToday[];
}
