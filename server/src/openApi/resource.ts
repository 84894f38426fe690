import type { Resource } from '../resource';
import { openApiRoutes } from './routes';

/** What scripts may ask, as a document. */
export const openApi: Resource = { name: 'openApi', routes: ({ allRoutes }) => openApiRoutes(allRoutes) };
