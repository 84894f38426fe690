import { countWaitingCards } from '../benchComputer/repository';
import { answers } from '../database/probe';
import { requireOwnTables } from '../database/ownTables';
import { defineRoute, type Route } from '../http/defineRoute';
import { PUBLIC } from '../http/guard';
import type { Server } from '../resource';

/** Addresses that answer whoever asks, without looking at who it is. */
export const NEEDS_NO_SESSION: ReadonlySet<string> = new Set(['/health', '/ready', '/time']);

/** Whether the server lives; whether its database answers, has this version's tables and room, and what still follows; what time it is. */
export const healthRoutes = ({ db, clock, disk }: Server): Route[] => [
  defineRoute({ method: 'get', address: '/health', guard: PUBLIC, answer: () => ({ status: 'up' }) }),
  defineRoute({
    method: 'get',
    address: '/ready',
    guard: PUBLIC,
    answer: async () => {
      await answers(db);
      await requireOwnTables(db);
      await disk.requireRoom();
      return { status: 'ready', cardsWaiting: await countWaitingCards(db.manager) };
    },
  }),
  defineRoute({ method: 'get', address: '/time', guard: PUBLIC, answer: () => ({ now: clock.now() }) }),
];
