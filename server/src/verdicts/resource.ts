import type { Resource } from '../resource';
import { VerdictChangeEntity } from './entities';
import { verdictRoutes } from './routes';

export const verdicts: Resource = {
  name: 'verdicts',
  entities: [VerdictChangeEntity],
  routes: verdictRoutes,
};
