import type { Resource } from '../resource';
import { PotResultEntity } from './entities';
import { potResultRoutes } from './routes';

/** Pots that were followed, kept with what came of it. */
export const potResults: Resource = {
  name: 'potResults',
  entities: [PotResultEntity],
  routes: potResultRoutes,
};
