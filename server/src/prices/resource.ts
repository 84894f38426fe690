import type { Resource } from '../resource';
import { PriceEntity } from './entities';
import { priceRoutes } from './routes';
import { prices as table } from './tables';

export const prices: Resource = {
  name: 'prices',
  entities: [PriceEntity],
  routes: priceRoutes,
  tables: [table],
};
