import type { Resource } from '../resource';
import { liveRoutes } from './routes';

export const live: Resource = {
  name: 'live',
  routes: liveRoutes,
};
