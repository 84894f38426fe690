import type { Resource } from '../resource';
import { GuideEntity } from './entities';
import { guideRoutes } from './routes';

export const guides: Resource = {
  name: 'guides',
  entities: [GuideEntity],
  routes: guideRoutes,
};
