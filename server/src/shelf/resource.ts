import { seesAll } from '../http/principal';
import type { Resource } from '../resource';
import { MaterialEntity, LotEntity } from './entities';
import { countLots } from './lotRepository';
import { shelfRoutes } from './routes';
import { cards, lots } from './tables';

export const shelf: Resource = {
  name: 'shelf',
  entities: [MaterialEntity, LotEntity],
  routes: shelfRoutes,
  tables: [lots, cards],
  counts: async ({ db }, me) => ({ lots: seesAll(me) ? await countLots(db.manager) : 0 }),
};
