import { EditNotebook } from '@bent-pail/contract';
import type { Context } from '../context';
import type { Api } from '../http/api';
import { readBody } from '../http/body';
import { LEADS } from '../http/guard';
import { editNotebook } from './service';

/** What everybody at this bench shares: its name, money, clock and measures. Everybody reads it with the session. */
export function notebookRoutes(api: Api, context: Context): void {
  api.route('patch', '/notebook', LEADS, async (request, response) => {
    response.json(await editNotebook(context, readBody(EditNotebook, request.body)));
  });
}
