import type { Resource } from '../resource';
import { learningRoutes } from './routes';

export const learning: Resource = {
  name: 'learning',
  routes: learningRoutes,
};
