import { optional } from '../database/optional';
import { givenTo } from '../http/principal';
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
  waiting: async ({ db }, who) => (who.scope.runs === 'none' ? {} : { openRuns: await openRuns(db.manager, who) }),
  counts: async ({ db, clock }, who) =>
    who.scope.runs === 'none'
      ? {}
      : {
          openRuns: await countOpenRuns(db.manager, givenTo(who)),
          due: await countDue(db.manager, who, clock.now()),
          ...optional('nextOver', await nextOver(db.manager, who, clock.now())),
        },
};
