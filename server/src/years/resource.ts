import type { Resource } from '../resource';
import { ClosedYearEntity } from './entities';
import { yearRoutes } from './routes';

/** Years that are closed: what was finished in them stands. */
export const years: Resource = { name: 'years', entities: [ClosedYearEntity], routes: yearRoutes };
