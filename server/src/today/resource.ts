import type { Resource } from '../resource';
import { todayRoutes } from './routes';

export const today: Resource = {
  name: 'today',
  routes: todayRoutes,
};
