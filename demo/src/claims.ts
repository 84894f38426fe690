import { NewClaimsSheet } from '@bent-pail/contract';
import { keepClaims } from '@bent-pail/server/claims/service';
import { readBody } from '@bent-pail/server/http/body';
import { v7 as uuidv7 } from 'uuid';
import { daysBefore, named, type Happening, type Loading } from './loading';

/** What three labels claim, judged as far as somebody got. */
export function claimsHappenings(loading: Loading): Happening[] {
  const { context, files, people, lots } = loading;
  const dayOf = (daysAgo: number | undefined): string | undefined =>
    daysAgo === undefined ? undefined : new Date(daysBefore(loading, daysAgo)).toISOString().slice(0, 10);
  return files.claims.map(({ lot, by, daysAgo, sheet: { answers, ...said } }): Happening => ({
    at: daysBefore(loading, daysAgo, '16:00'),
    happen: async () => {
      const body = {
        ...said,
        id: uuidv7(),
        version: 0,
        answers: answers.map(({ key, said: words, askedDaysAgo, saidDaysAgo }) => {
          const [askedOn, saidOn] = [dayOf(askedDaysAgo), dayOf(saidDaysAgo)];
          return {
            key,
            ...(words === undefined ? {} : { said: words }),
            ...(askedOn === undefined ? {} : { askedOn }),
            ...(saidOn === undefined ? {} : { saidOn }),
          };
        }),
      };
      await keepClaims(context, named(people, by, 'person'), named(lots, lot, 'lot'), readBody(NewClaimsSheet, body));
    },
  }));
}
