import type { OpenRunRow } from './bench';
import type { PlannedJobRow } from './jobs';
import type { LabRequestRow } from './laboratory';

/** What the bench edge counts. */
export interface Counts {
  readonly lots: number;
  readonly openRuns: number;
  readonly blends: number;
  readonly scorecards: number;
  readonly sheetsToRate: number;
}

/** What waits on the bench for the person at the door. */
export interface TodayPage {
  readonly openRuns: readonly OpenRunRow[];
  readonly sheetsToRate: number;
  /** What was sent to the practice laboratory and is not imported yet. */
  readonly labRequests: readonly LabRequestRow[];
  /** Work with a date that is not done. */
  readonly planned: readonly PlannedJobRow[];
}
