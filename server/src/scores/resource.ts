import { seesAll } from '../http/principal';
import type { Resource } from '../resource';
import {
  AgreedMarkEntity,
  GrowthMarkEntity,
  MustEntity,
  OverrideEntity,
  RaterEntity,
  RatingEntity,
  RubricEntity,
  ScorecardEntity,
} from './entities';
import { countScorecards } from './repository';
import { scoreRoutes } from './routes';
import { marks } from './tables';

export const scores: Resource = {
  name: 'scores',
  entities: [
    RubricEntity,
    ScorecardEntity,
    RaterEntity,
    RatingEntity,
    AgreedMarkEntity,
    MustEntity,
    OverrideEntity,
    GrowthMarkEntity,
  ],
  routes: scoreRoutes,
  tables: [marks],
  counts: async ({ db }, me) => ({ scorecards: seesAll(me) ? await countScorecards(db.manager) : 0 }),
};
