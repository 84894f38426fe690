import { seesAll } from '../http/principal';
import type { Resource } from '../resource';
import { FilledPotEntity, PotEntryEntity } from './entities';
import { filledPotRoutes } from './routes';
import { diaries } from './tables';
import { potsToDo } from './watchRepository';

/** Pots and beds that were filled, each with its diary. */
export const filledPots: Resource = {
  name: 'filledPots',
  entities: [FilledPotEntity, PotEntryEntity],
  routes: filledPotRoutes,
  tables: [diaries],
  waiting: async ({ db, clock }, me) => (seesAll(me) ? { pots: await potsToDo(db.manager, clock.now()) } : {}),
};
