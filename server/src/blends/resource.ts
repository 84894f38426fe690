import { seesAll, type Resource } from '../resource';
import { BlendEntity, BlendVersionEntity } from './entities';
import { blendRoutes } from './routes';

export const blends: Resource = {
  name: 'blends',
  entities: [BlendEntity, BlendVersionEntity],
  routes: blendRoutes,
  counts: async ({ db }, me) => ({ blends: seesAll(me) ? await db.manager.count(BlendEntity) : 0 }),
};
