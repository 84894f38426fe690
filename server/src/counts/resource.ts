import type { Resource } from '../resource';
import { countRoutes } from './routes';

export const counts: Resource = {
  name: 'counts',
  routes: countRoutes,
};
