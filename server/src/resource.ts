import type { Counts, TodayPage } from '@bent-pail/contract';
import type { BackupKeeper } from './backups/keeper';
import type { Watch } from './benchComputer/watch';
import type { Calculator } from './calc/calculator';
import type { Context } from './context';
import type { Table } from './exports/table';
import type { DiskWatch } from './health/diskWatch';
import type { Route } from './http/defineRoute';
import type { Principal } from './http/principal';
import type { Hub } from './live/hub';

/** What routes are given: what services are, and what only a running server has. */
export interface Server extends Context {
  readonly hub: Hub;
  readonly calculator: Calculator;
  readonly disk: DiskWatch;
  /** Where the notebook's rows are, for programs of its own. */
  readonly databaseUrl: string;
  readonly backups: BackupKeeper;
  /** What this server remembers of itself. */
  readonly watch: Watch;
  /** Every route of every resource. */
  readonly allRoutes: () => readonly Route[];
  /** What can be had for spreadsheets, of all resources. */
  readonly tables: readonly Table[];
  /** What waits for somebody, put together from all resources. */
  readonly waiting: (who: Principal) => Promise<TodayPage>;
  /** The numbers of the bench edge, put together from all resources. */
  readonly counts: (who: Principal) => Promise<Counts>;
}

/** A folder of the server as the others know it. */
export interface Resource {
  readonly name: string;
  /** Its tables. */
  readonly entities?: readonly (new () => object)[];
  readonly routes?: (server: Server) => readonly Route[];
  /** What of it can be had for spreadsheets. */
  readonly tables?: readonly Table[];
  /** What it puts into Today, for whom it concerns. */
  readonly waiting?: (context: Context, who: Principal) => Promise<Partial<TodayPage>>;
  /** Its numbers at the bench edge: quick, and nothing but numbers. */
  readonly counts?: (context: Context, who: Principal) => Promise<Partial<Counts>>;
}
