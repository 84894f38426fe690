import type { Resource } from '../resource';
import { findRoutes } from './routes';

/** One box over the whole notebook. */
export const find: Resource = { name: 'find', routes: findRoutes };
