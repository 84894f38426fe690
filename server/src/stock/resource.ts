import type { Resource } from '../resource';
import { MovementEntity } from './entities';
import { stockRoutes } from './routes';

export const stock: Resource = {
  name: 'stock',
  entities: [MovementEntity],
  routes: stockRoutes,
};
