import { FindAsked, type Found } from '@bent-pail/contract';
import { optional } from '../database/optional';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS } from '../http/guard';
import type { Server } from '../resource';
import { findBy } from './repository';

export const findRoutes = ({ db }: Server): Route[] => [
  defineRoute({
    method: 'get',
    address: '/find',
    guard: READS,
    query: FindAsked,
    answer: async ({ query }): Promise<readonly Found[]> => {
      const asked = query.for.trim();
      if (asked === '') return [];
      const rows = await findBy(db.manager, asked);
      return rows.map(({ about, ...row }) => ({ ...row, ...optional('about', about === '' ? null : about) }));
    },
  }),
];
