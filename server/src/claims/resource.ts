import type { Resource } from '../resource';
import { ClaimsSheetEntity } from './entities';
import { claimsRoutes } from './routes';

/** What is claimed of products, and what becomes of it. */
export const claims: Resource = { name: 'claims', entities: [ClaimsSheetEntity], routes: claimsRoutes };
