import type { Api } from '../http/api';
import { BENCH_READS, meOf, SIGNED_IN } from '../http/guard';
import { notebookRow } from '../notebook/repository';
import type { Server } from '../resource';
import { benchCalendar } from './calendar';

/** What waits on the bench for the person at the door; each role sees what is theirs. */
export function todayRoutes(api: Api, { db, clock, networkAddress, waiting }: Server): void {
  api.route('get', '/today', SIGNED_IN, async (request, response) => {
    response.json(await waiting(meOf(request)));
  });
  api.route('get', '/today.ics', BENCH_READS, async (request, response) => {
    const { place } = await notebookRow(db.manager);
    const { openRuns: runs, labRequests: reports, planned } = await waiting(meOf(request));
    const all = { place, runs, reports, planned, ...(networkAddress === undefined ? {} : { networkAddress }) };
    response.setHeader('Content-Disposition', 'attachment; filename="bench.ics"');
    response.type('text/calendar').send(benchCalendar(all, clock.now()));
  });
}
