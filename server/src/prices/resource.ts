import type { Resource } from '../resource';
import { PriceEntity } from './entities';
import { priceRoutes } from './routes';

export const prices: Resource = {
  name: 'prices',
  entities: [PriceEntity],
  routes: priceRoutes,
};
