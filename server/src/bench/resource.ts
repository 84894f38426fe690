import type { Resource } from '../resource';
import { RunEntity, ReadingEntity, ExclusionEntity, ReopeningEntity } from './entities';
import { openRuns } from './repository';
import { benchRoutes } from './routes';
import { countOpenRuns } from './runRepository';

export const bench: Resource = {
  name: 'bench',
  entities: [RunEntity, ReadingEntity, ExclusionEntity, ReopeningEntity],
  routes: benchRoutes,
  waiting: async ({ db }, me) => (me.role === 'panellist' ? {} : { openRuns: await openRuns(db.manager, me) }),
  counts: async ({ db }, me) => {
    if (me.role === 'panellist') return {};
    return { openRuns: await countOpenRuns(db.manager, me.role === 'student' ? me.id : undefined) };
  },
};
