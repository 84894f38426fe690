import type { Resource } from '../resource';
import { exportRoutes } from './routes';

export const exports: Resource = {
  name: 'exports',
  routes: exportRoutes,
};
