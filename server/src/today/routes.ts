import type { TodayPage } from '@bent-pail/contract';
import { openRuns } from '../bench/repository';
import type { Context } from '../context';
import { RaterEntity } from '../database/entities';
import type { Api } from '../http/api';
import { BENCH_READS, meOf, SIGNED_IN } from '../http/guard';
import { openJobs } from '../jobs/service';
import { awaitedReports } from '../laboratory/service';
import { notebookRow } from '../notebook/service';
import { benchCalendar } from './calendar';

/** What waits on the bench for the person at the door; each role sees what is theirs. */
export function todayRoutes(api: Api, context: Context): void {
  const { db } = context;
  api.route('get', '/today', SIGNED_IN, async (request, response) => {
    const me = meOf(request);
    const sheetsToRate = await db.manager
      .createQueryBuilder(RaterEntity, 'rater')
      .where('rater.user_id = :id and rater.handed_in_at is null', { id: me.id })
      .getCount();
    const open = me.role === 'panellist' ? [] : await openRuns(db.manager, me);
    const sees = me.role !== 'panellist' && me.role !== 'student';
    const page: TodayPage = {
      openRuns: open,
      sheetsToRate,
      labRequests: sees ? await awaitedReports(context) : [],
      planned: sees ? await openJobs(context) : [],
    };
    response.json(page);
  });
  api.route('get', '/today.ics', BENCH_READS, async (request, response) => {
    const { place } = await notebookRow(db);
    const me = meOf(request);
    const runs = await openRuns(db.manager, me);
    const reports = me.role === 'student' ? [] : await awaitedReports(context);
    const planned = me.role === 'student' ? [] : await openJobs(context);
    const { networkAddress } = context;
    const waiting = { place, runs, reports, planned, ...(networkAddress === undefined ? {} : { networkAddress }) };
    response.setHeader('Content-Disposition', 'attachment; filename="bench.ics"');
    response.type('text/calendar').send(benchCalendar(waiting, context.clock.now()));
  });
}
