import { CalibrationsAsked, NewCalibration, NewInstrument } from '@bent-pail/contract';
import type { Context } from '../context';
import { defineRoute, type Route } from '../http/defineRoute';
import { READS, WORKS } from '../http/guard';
import { addCalibration, addInstrument, listCalibrations, listInstruments } from './service';

export const instrumentRoutes = (context: Context): Route[] => [
  defineRoute({ method: 'get', address: '/instruments', guard: READS, answer: () => listInstruments(context) }),
  defineRoute({
    method: 'post',
    address: '/instruments',
    guard: WORKS,
    body: NewInstrument,
    status: 201,
    answer: ({ body }) => addInstrument(context, body),
  }),
  defineRoute({
    method: 'get',
    address: '/instruments/:id/calibrations',
    guard: READS,
    query: CalibrationsAsked,
    answer: ({ params, query }) => listCalibrations(context, params.id, query),
  }),
  defineRoute({
    method: 'post',
    address: '/instruments/:id/calibrations',
    guard: WORKS,
    body: NewCalibration,
    status: 201,
    answer: ({ who, params, body }) => addCalibration(context, who, params.id, body),
  }),
];
