import type { Resource } from '../resource';
import { AccessTokenEntity } from './entities';
import { accessTokenRoutes } from './routes';

/** Keys for scripts, in the name of a person. */
export const accessTokens: Resource = {
  name: 'accessTokens',
  entities: [AccessTokenEntity],
  routes: accessTokenRoutes,
};
