import type { Resource } from '../resource';
import { archiveRoutes } from './routes';

/** Blends, cards and pots that are listed no more. */
export const archive: Resource = { name: 'archive', routes: archiveRoutes };
