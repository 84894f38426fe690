import type { LotCard, LotRecord } from '@bent-pail/core';
import type { DataSource, EntityManager } from 'typeorm';
import type { Clock } from './clock';

/** Cards, which follow what they rest on a moment later. */
export interface Cards {
  /** Begins with all that waits, also what came past the routes. */
  start: () => Promise<void>;
  /** Waits until the cards of some lots follow; after a second or two it goes on without them. */
  follow: (lotIds: readonly string[]) => Promise<void>;
  /** A card as it would be for a record that nobody keeps. */
  tryOut: (record: LotRecord) => Promise<LotCard>;
  /** Makes a lot's card within a transaction, so that both are kept or neither; says why where there can be none. */
  makeWithin: (manager: EntityManager, lotId: string) => Promise<string | undefined>;
}

/** What the server stands on. */
export interface Ground {
  readonly db: DataSource;
  readonly clock: Clock;
  /** Where phones find this notebook on the house's network, if they may. */
  readonly networkAddress?: string;
}

/** What every resource is given. */
export interface Context extends Ground {
  readonly cards: Cards;
}
