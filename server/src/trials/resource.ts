import { seesAll } from '../http/principal';
import type { Resource } from '../resource';
import {
  TrialEntity,
  TrialEventEntity,
  TrialExclusionEntity,
  TrialMoveEntity,
  TrialPlotEntity,
  TrialReadingEntity,
  TrialReopeningEntity,
  TrialSettledEntity,
} from './entities';
import { countRunning } from './repository';
import { trialRoutes } from './routes';
import { trialEvents, trialReadings } from './tables';
import { trialsToday } from './todayOfTrials';

/** Grow-out trials: plan, layout, readings, what they came to. */
export const trials: Resource = {
  name: 'trials',
  entities: [
    TrialEntity,
    TrialPlotEntity,
    TrialReadingEntity,
    TrialEventEntity,
    TrialExclusionEntity,
    TrialMoveEntity,
    TrialSettledEntity,
    TrialReopeningEntity,
  ],
  routes: trialRoutes,
  tables: [trialReadings, trialEvents],
  waiting: async (context, who) => (seesAll(who) ? { trials: await trialsToday(context) } : {}),
  counts: async ({ db }, who) => ({ openTrials: seesAll(who) ? await countRunning(db.manager) : 0 }),
};
