import { defineRoute, type Route } from '../http/defineRoute';
import { READS, SIGNED_IN } from '../http/guard';
import { notebookRow } from '../notebook/repository';
import type { Server } from '../resource';
import { benchCalendar } from './calendar';

/** What waits on the bench for the person at the door; each role sees what is theirs. */
export const todayRoutes = ({ db, clock, networkAddress, waiting }: Server): Route[] => [
  defineRoute({ method: 'get', address: '/today', guard: SIGNED_IN, answer: ({ who }) => waiting(who) }),
  defineRoute({
    method: 'get',
    address: '/today.ics',
    guard: READS,
    respond: async ({ who }, response) => {
      const { place } = await notebookRow(db.manager);
      const { openRuns: runs, labRequests: reports, planned, pots, trials } = await waiting(who);
      const all = {
        place,
        runs,
        reports,
        planned,
        pots,
        trials,
        ...(networkAddress === undefined ? {} : { networkAddress }),
      };
      response.setHeader('Content-Disposition', 'attachment; filename="bench.ics"');
      response.type('text/calendar').send(benchCalendar(all, clock.now()));
    },
  }),
];
