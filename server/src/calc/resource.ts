import type { Resource } from '../resource';
import { calcRoutes } from './routes';

export const calc: Resource = {
  name: 'calc',
  routes: calcRoutes,
};
