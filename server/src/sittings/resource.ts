import type { Resource } from '../resource';
import { SittingEntity, WarmUpMarkEntity } from './entities';
import { sittingRoutes } from './routes';
import { sheetsOut } from './sheetRepository';

export const sittings: Resource = {
  name: 'sittings',
  entities: [SittingEntity, WarmUpMarkEntity],
  routes: sittingRoutes,
  waiting: async ({ db }, me) => ({ sheetsToRate: await sheetsOut(db.manager, me) }),
  counts: async ({ db }, me) => ({ sheetsToRate: await sheetsOut(db.manager, me) }),
};
