import { FillingExclusion, NewFilling, NewVessel, TakeUpFillings } from '@bent-pail/contract';
import type { Context } from '../context';
import { param, type Api } from '../http/api';
import { readBody } from '../http/body';
import { BENCH_READS, BENCH_WORKS, meOf, WORKS } from '../http/guard';
import { addFilling, addVessel, excludeFilling, listFillings, listVessels } from './service';
import { takeUpFillings } from './takeUp';

/** Vessels and pots, which everybody at the bench shares, and the water that measures them. */
export function vesselRoutes(api: Api, context: Context): void {
  api.route('get', '/vessels', BENCH_READS, async (_request, response) => {
    response.json(await listVessels(context));
  });
  api.route('post', '/vessels', WORKS, async (request, response) => {
    response.status(201).json(await addVessel(context, readBody(NewVessel, request.body)));
  });
  api.route('get', '/vessels/:id/fillings', BENCH_READS, async (request, response) => {
    response.json(await listFillings(context, param(request, 'id')));
  });
  api.route('post', '/vessels/:id/fillings', BENCH_WORKS, async (request, response) => {
    const body = readBody(NewFilling, request.body);
    response.status(201).json(await addFilling(context, meOf(request), param(request, 'id'), body));
  });
  api.route('post', '/vessels/:id/fillings/:filling/exclusion', WORKS, async (request, response) => {
    const body = readBody(FillingExclusion, request.body);
    const [id, filling] = [param(request, 'id'), param(request, 'filling')];
    response.status(201).json(await excludeFilling(context, meOf(request), id, filling, body));
  });
  api.route('post', '/runs/:id/fillings', WORKS, async (request, response) => {
    const body = readBody(TakeUpFillings, request.body);
    response.status(201).json(await takeUpFillings(context, meOf(request), param(request, 'id'), body));
  });
}
