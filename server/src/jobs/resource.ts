import { seesAll } from '../http/principal';
import type { Resource } from '../resource';
import { PlannedJobEntity } from './entities';
import { openJobs } from './service';
import { jobRoutes } from './routes';

export const jobs: Resource = {
  name: 'jobs',
  entities: [PlannedJobEntity],
  routes: jobRoutes,
  waiting: async (context, me) => (seesAll(me) ? { planned: await openJobs(context) } : {}),
};
