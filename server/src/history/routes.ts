import { HistoryAsked, type HistoryPage } from '@bent-pail/contract';
import { optional } from '../database/optional';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS } from '../http/guard';
import { notebookRow } from '../notebook/repository';
import type { Server } from '../resource';
import { changesOf } from './repository';

const MOST = 60;

export const historyRoutes = ({ db }: Server): Route[] => [
  defineRoute({
    method: 'get',
    address: '/history',
    guard: READS,
    query: HistoryAsked,
    answer: async ({ query }): Promise<HistoryPage> => {
      const { zone } = await notebookRow(db.manager);
      const found = await changesOf(db.manager, query, { zone, most: MOST + 1 });
      const rows = found
        .slice(0, MOST)
        .map(({ id, kind, at, by, of, ofId, number, title, part, field, old, new: now, reason }) => ({
          id,
          kind,
          at: at.toISOString(),
          of: { kind: of, id: ofId },
          title,
          ...optional('number', number),
          ...optional('by', by),
          ...optional('part', part),
          ...optional('field', field),
          ...optional('old', old),
          ...optional('new', now),
          ...optional('reason', reason),
        }));
      const last = rows.at(-1);
      return { rows, ...(found.length > MOST && last !== undefined ? { before: last.at } : {}) };
    },
  }),
];
