import type { Resource } from '../resource';
import {
  ClassEntity,
  ClassExclusionEntity,
  ClassGroupEntity,
  ClassGuessEntity,
  ClassPhoneEntity,
  ClassReadingEntity,
  ClassRunEntity,
  ClassSampleEntity,
  ClassWipeEntity,
  LessonEntity,
} from './entities';
import { seesAll } from '../http/principal';
import { countOpen } from './repository';
import { classRoutes } from './routes';
import { classesOn } from './service';
import { classResults } from './tables';

/** Classes: lessons, groups with a link, blind samples, the wall, what becomes of it. */
export const classes: Resource = {
  name: 'classes',
  entities: [
    LessonEntity,
    ClassEntity,
    ClassGroupEntity,
    ClassSampleEntity,
    ClassPhoneEntity,
    ClassGuessEntity,
    ClassReadingEntity,
    ClassExclusionEntity,
    ClassRunEntity,
    ClassWipeEntity,
  ],
  routes: classRoutes,
  tables: [classResults],
  waiting: async (context, who) => (seesAll(who) ? { classes: await classesOn(context) } : {}),
  counts: async ({ db, clock }, who) => ({
    openClasses: seesAll(who) ? await countOpen(db.manager, new Date(clock.now())) : 0,
  }),
};
