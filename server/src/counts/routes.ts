import { defineRoute, type Route } from '../http/defineRoute';
import { SIGNED_IN } from '../http/guard';
import type { Server } from '../resource';

/** How many of each thing there are, for the bench edge of every page: numbers only, and quick. */
export const countRoutes = ({ counts }: Server): Route[] => [
  defineRoute({ method: 'get', address: '/counts', guard: SIGNED_IN, answer: ({ who }) => counts(who) }),
];
