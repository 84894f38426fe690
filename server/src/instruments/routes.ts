import { NewCalibration, NewInstrument } from '@bent-pail/contract';
import type { Context } from '../context';
import { param, type Api } from '../http/api';
import { readBody } from '../http/body';
import { BENCH_READS, meOf, WORKS } from '../http/guard';
import { addCalibration, addInstrument, listInstruments } from './service';

export function instrumentRoutes(api: Api, context: Context): void {
  api.route('get', '/instruments', BENCH_READS, async (_request, response) => {
    response.json(await listInstruments(context));
  });
  api.route('post', '/instruments', WORKS, async (request, response) => {
    response.status(201).json(await addInstrument(context, readBody(NewInstrument, request.body)));
  });
  api.route('post', '/instruments/:id/calibrations', WORKS, async (request, response) => {
    const body = readBody(NewCalibration, request.body);
    response.status(201).json(await addCalibration(context, meOf(request), param(request, 'id'), body));
  });
}
