import type { Resource } from '../resource';
import { historyRoutes } from './routes';

/** Who changed what, when, from what to what, and why. */
export const history: Resource = { name: 'history', routes: historyRoutes };
