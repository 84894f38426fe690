import { seesAll } from '../http/principal';
import type { Resource } from '../resource';
import { BlendEntity, BlendVersionEntity } from './entities';
import { countBlends } from './repository';
import { blendRoutes } from './routes';
import { predictions, recipes } from './tables';

export const blends: Resource = {
  name: 'blends',
  entities: [BlendEntity, BlendVersionEntity],
  routes: blendRoutes,
  tables: [recipes, predictions],
  counts: async ({ db }, me) => ({ blends: seesAll(me) ? await countBlends(db.manager) : 0 }),
};
