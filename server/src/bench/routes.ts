import {
  NewExclusion,
  NewReading,
  NewRun,
  QuickStart,
  ReopenRun,
  RunInstruments,
  RunsAsked,
} from '@bent-pail/contract';
import type { Context } from '../context';
import { param, type Api } from '../http/api';
import { readBody, readQuery } from '../http/body';
import { BENCH_READS, BENCH_WORKS, meOf, WORKS } from '../http/guard';
import { keepReading } from './keepReading';
import { quickStart } from './quickStart';
import { reopenRun } from './reopen';
import { chooseInstruments, exclude, finishRun, listRuns, sheetFor, startRun } from './service';

export function benchRoutes(api: Api, context: Context): void {
  api.route('get', '/runs', BENCH_READS, async (request, response) => {
    response.json(await listRuns(context, meOf(request), readQuery(RunsAsked, request.query)));
  });
  api.route('post', '/runs', WORKS, async (request, response) => {
    response.status(201).json(await startRun(context, meOf(request), readBody(NewRun, request.body)));
  });
  api.route('post', '/quick-start', WORKS, async (request, response) => {
    response.status(201).json(await quickStart(context, meOf(request), readBody(QuickStart, request.body)));
  });
  api.route('get', '/runs/:id', BENCH_READS, async (request, response) => {
    response.json(await sheetFor(context, meOf(request), param(request, 'id')));
  });
  api.route('post', '/runs/:id/readings', BENCH_WORKS, async (request, response) => {
    const body = readBody(NewReading, request.body);
    response.status(201).json(await keepReading(context, meOf(request), param(request, 'id'), body));
  });
  api.route('post', '/runs/:id/exclusions', BENCH_WORKS, async (request, response) => {
    const body = readBody(NewExclusion, request.body);
    response.status(201).json(await exclude(context, meOf(request), param(request, 'id'), body));
  });
  api.route('put', '/runs/:id/instruments', BENCH_WORKS, async (request, response) => {
    const body = readBody(RunInstruments, request.body);
    response.json(await chooseInstruments(context, meOf(request), param(request, 'id'), body));
  });
  api.route('post', '/runs/:id/reopen', WORKS, async (request, response) => {
    const body = readBody(ReopenRun, request.body);
    response.status(201).json(await reopenRun(context, meOf(request), param(request, 'id'), body));
  });
  api.route('post', '/runs/:id/finish', BENCH_WORKS, async (request, response) => {
    response.json(await finishRun(context, meOf(request), param(request, 'id')));
  });
}
