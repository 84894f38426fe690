import type { Resource } from '../resource';
import { lifeRoutes } from './routes';

/** A number's life: what a lot's figures rest on, what rests on them, and what would change. */
export const lives: Resource = { name: 'lives', routes: lifeRoutes };
