import { JobDone, NewPlannedJobs } from '@bent-pail/contract';
import type { Context } from '../context';
import { param, type Api } from '../http/api';
import { readBody } from '../http/body';
import { meOf, WORKS } from '../http/guard';
import { markDone, planJobs } from './service';

/** Work with a date; what is open stands on the page of today. */
export function jobRoutes(api: Api, context: Context): void {
  api.route('post', '/jobs', WORKS, async (request, response) => {
    response.status(201).json(await planJobs(context, meOf(request), readBody(NewPlannedJobs, request.body)));
  });
  api.route('post', '/jobs/:id/done', WORKS, async (request, response) => {
    const { done } = readBody(JobDone, request.body);
    response.json(await markDone(context, meOf(request), param(request, 'id'), done));
  });
}
