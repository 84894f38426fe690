import { optional } from '../database/optional';
import { seesAll } from '../http/principal';
import type { Resource } from '../resource';
import {
  ArchivingEntity,
  ExclusionEntity,
  ReadingEntity,
  ReopeningEntity,
  RunEntity,
  TakenBackEntity,
} from './entities';
import { countDue, nextOver, openRuns } from './repository';
import { benchRoutes } from './routes';
import { countOpenRuns } from './runRepository';
import { readings, results, runs } from './tables';

export const bench: Resource = {
  name: 'bench',
  entities: [RunEntity, ReadingEntity, ExclusionEntity, ReopeningEntity, ArchivingEntity, TakenBackEntity],
  routes: benchRoutes,
  tables: [runs, readings, results],
  waiting: async ({ db }, who) => (seesAll(who) ? { openRuns: await openRuns(db.manager) } : {}),
  counts: async ({ db, clock }, who) =>
    seesAll(who)
      ? {
          openRuns: await countOpenRuns(db.manager),
          due: await countDue(db.manager, clock.now()),
          ...optional('nextOver', await nextOver(db.manager, clock.now())),
        }
      : {},
};
