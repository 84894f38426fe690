import type { Resource } from '../resource';
import { VesselEntity, FillingEntity, FillingExclusionEntity, RunStampEntity } from './entities';
import { vesselRoutes } from './routes';

export const vessels: Resource = {
  name: 'vessels',
  entities: [VesselEntity, FillingEntity, FillingExclusionEntity, RunStampEntity],
  routes: vesselRoutes,
};
