import { NewPlannedJobs, OwnProfile } from '@bent-pail/contract';
import { keepProfile } from '@bent-pail/server/guides/service';
import { readBody } from '@bent-pail/server/http/body';
import { planJobs } from '@bent-pail/server/jobs/service';
import { v7 as uuidv7 } from 'uuid';
import { daysBefore, named, type Happening, type Loading } from './loading';

/** Uses of the nursery's own, and work that a batch and a feeding plan have put into the days around the load. */
export function guideHappenings(loading: Loading): Happening[] {
  const { context, files, people } = loading;
  const kept = files.guides.profiles.map(({ by, daysAgo, body }): Happening => ({
    at: daysBefore(loading, daysAgo, '17:00'),
    happen: async () => {
      const profile = readBody(OwnProfile, { id: uuidv7(), version: 0, ...body });
      await keepProfile(context, named(people, by, 'person'), profile);
    },
  }));
  const planned = files.guides.jobs.map(({ by, inDays, at, what, where }): Happening => ({
    at: daysBefore(loading, 1, '17:30'),
    happen: async () => {
      const job = { id: uuidv7(), at: new Date(daysBefore(loading, -inDays, at)).toISOString(), what, where };
      await planJobs(context, named(people, by, 'person'), readBody(NewPlannedJobs, { jobs: [job] }));
    },
  }));
  return [...kept, ...planned];
}
