import type { Context } from '../context';
import type { Api } from '../http/api';
import { PUBLIC } from '../http/guard';

/** Whether the server lives, whether its database answers, and what time it is. */
export function healthRoutes(api: Api, { db, clock }: Context): void {
  api.route('get', '/health', PUBLIC, (_request, response) => {
    response.json({ status: 'up' });
  });
  api.route('get', '/ready', PUBLIC, async (_request, response) => {
    await db.query('select 1');
    response.json({ status: 'ready' });
  });
  api.route('get', '/time', PUBLIC, (_request, response) => {
    response.json({ now: clock.now() });
  });
}
