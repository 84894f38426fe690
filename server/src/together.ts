import type { Counts, TodayPage } from '@bent-pail/contract';
import type { Context } from './context';
import type { Principal } from './http/principal';
import { RESOURCES } from './resources';

const NOTHING_WAITS: TodayPage = Object.freeze({
  openRuns: [],
  sheetsToRate: 0,
  labRequests: [],
  planned: [],
  pots: [],
  classes: [],
  trials: [],
});
const NOTHING_COUNTED: Counts = Object.freeze({
  lots: 0,
  openRuns: 0,
  blends: 0,
  scorecards: 0,
  sheetsToRate: 0,
  openClasses: 0,
  openTrials: 0,
});

/** What waits for somebody, put together from what each resource has for them. */
export const waitingIn =
  (context: Context) =>
  async (who: Principal): Promise<TodayPage> => {
    const parts = await Promise.all(
      RESOURCES.flatMap(({ waiting }) => (waiting === undefined ? [] : [waiting(context, who)])),
    );
    return Object.assign({}, NOTHING_WAITS, ...parts) as TodayPage;
  };

/** The numbers of the bench edge, put together from all resources. */
export const countsIn =
  (context: Context) =>
  async (who: Principal): Promise<Counts> => {
    const parts = await Promise.all(
      RESOURCES.flatMap(({ counts }) => (counts === undefined ? [] : [counts(context, who)])),
    );
    return Object.assign({}, NOTHING_COUNTED, ...parts) as Counts;
  };

/** What can be had for spreadsheets. */
export const TABLES = RESOURCES.flatMap(({ tables }) => tables ?? []);
