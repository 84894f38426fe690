import type { Resource } from '../resource';
import { DeliveryEntity, SupplierEntity } from './entities';
import { supplierRoutes } from './routes';

/** Whom lots come from, and what was seen of a load at the gate. */
export const suppliers: Resource = {
  name: 'suppliers',
  entities: [SupplierEntity, DeliveryEntity],
  routes: supplierRoutes,
};
