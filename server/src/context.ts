import type { DataSource } from 'typeorm';
import type { Clock } from './clock';

/** What every resource is given. */
export interface Context {
  readonly db: DataSource;
  readonly clock: Clock;
  /** Where phones find this notebook on the house's network, if they may. */
  readonly networkAddress?: string;
}
