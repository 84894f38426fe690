import { LeaveOut } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS } from '../http/guard';
import { figuresWithout, lotLife } from './service';

export const lifeRoutes = (context: Context): Route[] => [
  defineRoute({
    method: 'get',
    address: '/lots/:id/life',
    guard: READS,
    answer: ({ params }) => lotLife(context, params.id),
  }),
  defineRoute({
    method: 'post',
    address: '/lots/:id/without',
    guard: READS,
    body: LeaveOut,
    answer: ({ params, body }) => figuresWithout(context, params.id, body),
  }),
];
