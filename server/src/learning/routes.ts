import type { Context } from '../context';
import type { Api } from '../http/api';
import { READS } from '../http/guard';
import { learningPage } from './service';

export function learningRoutes(api: Api, { db }: Context): void {
  api.route('get', '/learning', READS, async (_request, response) => {
    response.json(await learningPage(db.manager));
  });
}
