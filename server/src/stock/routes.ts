import { NewBatch, NewPrepared, StockCount } from '@bent-pail/contract';
import type { Context } from '../context';
import { param, type Api } from '../http/api';
import { readBody } from '../http/body';
import { meOf, WORKS } from '../http/guard';
import { prepareLot } from './prepare';
import { countStock, makeBatch } from './service';

export function stockRoutes(api: Api, context: Context): void {
  api.route('post', '/lots/:id/stock', WORKS, async (request, response) => {
    response.json(await countStock(context, meOf(request), param(request, 'id'), readBody(StockCount, request.body)));
  });
  api.route('post', '/lots/:id/prepared', WORKS, async (request, response) => {
    const body = readBody(NewPrepared, request.body);
    response.status(201).json(await prepareLot(context, meOf(request), param(request, 'id'), body));
  });
  api.route('post', '/blends/:id/versions/:n/batches', WORKS, async (request, response) => {
    const body = readBody(NewBatch, request.body);
    const n = Number(param(request, 'n'));
    response.status(201).json(await makeBatch(context, meOf(request), param(request, 'id'), n, body));
  });
}
