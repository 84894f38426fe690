import type { Resource } from '../resource';
import { UserEntity } from './entities';
import { accountRoutes } from './routes';

export const accounts: Resource = {
  name: 'accounts',
  entities: [UserEntity],
  routes: accountRoutes,
};
