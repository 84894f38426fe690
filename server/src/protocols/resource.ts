import type { Resource } from '../resource';
import { ProtocolEntity } from './entities';
import { protocolRoutes } from './routes';

export const protocols: Resource = {
  name: 'protocols',
  entities: [ProtocolEntity],
  routes: protocolRoutes,
};
