import type { Resource } from '../resource';
import { SavedViewEntity } from './entities';
import { savedViewRoutes } from './routes';

/** Lists that were kept under a name. */
export const savedViews: Resource = { name: 'savedViews', entities: [SavedViewEntity], routes: savedViewRoutes };
