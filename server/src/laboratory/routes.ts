import { ImportedReport, NewLabRequest } from '@bent-pail/contract';
import type { Context } from '../context';
import { param, type Api } from '../http/api';
import { readBody } from '../http/body';
import { meOf, READS, WORKS } from '../http/guard';
import { askLaboratory, listRequests, markImported } from './service';

export function laboratoryRoutes(api: Api, context: Context): void {
  api.route('get', '/laboratory', READS, async (_request, response) => {
    response.json(await listRequests(context));
  });
  api.route('post', '/laboratory', WORKS, async (request, response) => {
    response.status(201).json(await askLaboratory(context, meOf(request), readBody(NewLabRequest, request.body)));
  });
  api.route('post', '/laboratory/:id/imported', WORKS, async (request, response) => {
    response.json(await markImported(context, param(request, 'id'), readBody(ImportedReport, request.body)));
  });
}
