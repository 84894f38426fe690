import { PutAway } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { WORKS } from '../http/guard';
import { putAway } from './service';

export const archiveRoutes = (context: Context): Route[] => [
  defineRoute({
    method: 'patch',
    address: '/blends/:id',
    guard: WORKS,
    body: PutAway,
    status: 204,
    answer: ({ params: { id }, body: { archived } }) => putAway(context, 'blends', { id, archived }),
  }),
  defineRoute({
    method: 'patch',
    address: '/scorecards/:id',
    guard: WORKS,
    body: PutAway,
    status: 204,
    answer: ({ params: { id }, body: { archived } }) => putAway(context, 'scorecards', { id, archived }),
  }),
  defineRoute({
    method: 'patch',
    address: '/pots/:id',
    guard: WORKS,
    body: PutAway,
    status: 204,
    answer: ({ params: { id }, body: { archived } }) => putAway(context, 'filled_pots', { id, archived }),
  }),
  defineRoute({
    method: 'patch',
    address: '/trials/:id',
    guard: WORKS,
    body: PutAway,
    status: 204,
    answer: ({ params: { id }, body: { archived } }) => putAway(context, 'trials', { id, archived }),
  }),
];
