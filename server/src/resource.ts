import type { Counts, Me, TodayPage } from '@bent-pail/contract';
import type { Calculator } from './calc/calculator';
import type { Context } from './context';
import type { DiskWatch } from './health/diskWatch';
import type { Api } from './http/api';
import type { Hub } from './live/hub';

/** What routes are given: what services are, and what only a running server has. */
export interface Server extends Context {
  readonly hub: Hub;
  readonly calculator: Calculator;
  readonly disk: DiskWatch;
  /** What waits for somebody, put together from all resources. */
  readonly waiting: (me: Me) => Promise<TodayPage>;
  /** The numbers of the bench edge, put together from all resources. */
  readonly counts: (me: Me) => Promise<Counts>;
}

/** Whoever sees all of the notebook: leads, testers and readers. */
export const seesAll = ({ role }: Me): boolean => role !== 'panellist' && role !== 'student';

/** A folder of the server as the others know it. */
export interface Resource {
  readonly name: string;
  /** Its tables. */
  readonly entities?: readonly (new () => object)[];
  readonly routes?: (api: Api, server: Server) => void;
  /** What it puts into Today, for whom it concerns. */
  readonly waiting?: (context: Context, me: Me) => Promise<Partial<TodayPage>>;
  /** Its numbers at the bench edge: quick, and nothing but numbers. */
  readonly counts?: (context: Context, me: Me) => Promise<Partial<Counts>>;
}
