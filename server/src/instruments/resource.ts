import type { Resource } from '../resource';
import { InstrumentEntity, CalibrationEntity } from './entities';
import { instrumentRoutes } from './routes';

export const instruments: Resource = {
  name: 'instruments',
  entities: [InstrumentEntity, CalibrationEntity],
  routes: instrumentRoutes,
};
