import { NewSavedView } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS, WORKS } from '../http/guard';
import { dropView, keepView, listViews } from './service';

export const savedViewRoutes = (context: Context): Route[] => [
  defineRoute({ method: 'get', address: '/saved-views', guard: READS, answer: () => listViews(context) }),
  defineRoute({
    method: 'post',
    address: '/saved-views',
    guard: WORKS,
    body: NewSavedView,
    status: 201,
    answer: ({ who, body }) => keepView(context, who, body),
  }),
  defineRoute({
    method: 'delete',
    address: '/saved-views/:id',
    guard: WORKS,
    answer: ({ params }) => dropView(context, params.id),
  }),
];
