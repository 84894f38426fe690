import { JobDone, NewPlannedJobs } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { WORKS } from '../http/guard';
import { markDone, planJobs } from './service';

/** Work with a date; what is open stands on the page of today. */
export const jobRoutes = (context: Context): Route[] => [
  defineRoute({
    method: 'post',
    address: '/jobs',
    guard: WORKS,
    body: NewPlannedJobs,
    status: 201,
    answer: ({ who, body }) => planJobs(context, who, body),
  }),
  defineRoute({
    method: 'post',
    address: '/jobs/:id/done',
    guard: WORKS,
    body: JobDone,
    answer: ({ who, params, body }) => {
      const { done } = body;
      return markDone(context, who, params.id, done);
    },
  }),
];
