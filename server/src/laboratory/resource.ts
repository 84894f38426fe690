import { seesAll } from '../http/principal';
import type { Resource } from '../resource';
import { LabRequestEntity } from './entities';
import { awaitedReports } from './service';
import { laboratoryRoutes } from './routes';

export const laboratory: Resource = {
  name: 'laboratory',
  entities: [LabRequestEntity],
  routes: laboratoryRoutes,
  waiting: async (context, me) => (seesAll(me) ? { labRequests: await awaitedReports(context) } : {}),
};
