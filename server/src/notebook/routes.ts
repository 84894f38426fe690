import { EditNotebook, WeighedHandful } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { LEADS, WORKS } from '../http/guard';
import { editNotebook, weighHandful } from './service';

/** What everybody at this bench shares: its name, money, clock and measures. Everybody reads it with the session. */
export const notebookRoutes = (context: Context): Route[] => [
  defineRoute({
    method: 'patch',
    address: '/notebook',
    guard: LEADS,
    body: EditNotebook,
    answer: ({ body }) => editNotebook(context, body),
  }),
  defineRoute({
    method: 'post',
    address: '/notebook/handfuls',
    guard: WORKS,
    body: WeighedHandful,
    answer: ({ body }) => weighHandful(context, body),
  }),
];
