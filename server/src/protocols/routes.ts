import { NewProtocol } from '@bent-pail/contract';
import type { Context } from '../context';
import type { Api } from '../http/api';
import { readBody } from '../http/body';
import { BENCH_READS, LEADS, meOf } from '../http/guard';
import { keepProtocol, listProtocols } from './service';

export function protocolRoutes(api: Api, context: Context): void {
  api.route('get', '/protocols', BENCH_READS, async (_request, response) => {
    response.json(await listProtocols(context));
  });
  api.route('post', '/protocols', LEADS, async (request, response) => {
    const body = readBody(NewProtocol, request.body);
    response.status(201).json(await keepProtocol(context, meOf(request), body));
  });
}
