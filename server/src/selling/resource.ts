import type { Resource } from '../resource';
import { ComplaintEntity, SaleEntity, SellingTermsEntity } from './entities';
import { sellingRoutes } from './routes';

/** Mixes of one's own as products: what a pack costs, who buys it, what they did not like. */
export const selling: Resource = {
  name: 'selling',
  entities: [SellingTermsEntity, SaleEntity, ComplaintEntity],
  routes: sellingRoutes,
};
